import { useSearchParams } from "react-router";

import type { Unit } from "../../api/client";

/** Where the unit is laid under every tool, at the size of the fence. */
export function useWhichLine(unit: Unit): string {
  const [params] = useSearchParams();
  const size = params.get("finished");
  const asked = size ? `?finished=${encodeURIComponent(size)}` : "";
  return `/projects/${unit.project_id}/units/${unit.id}/line${asked}`;
}
