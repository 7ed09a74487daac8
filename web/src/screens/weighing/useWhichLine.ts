import { useSearchParams } from "react-router";

import type { Project, Unit } from "../../api/client";
import { sidesOf } from "./unitDocument";

/** Where a unit is laid under every tool, at the size of the fence. */
export function useWhichLine(project: Project, unit: Unit): string {
  const [params] = useSearchParams();
  const size = params.get("finished") ?? sidesOf(unit.unit)[0] ?? "";
  return `/which-line?${new URLSearchParams({ kind: unit.unit.kind, size, measure: project.measure })}`;
}
