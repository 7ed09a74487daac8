import { useQuery } from "@tanstack/react-query";

import { benchAddress } from "../api/bench";
import type { ProjectRow } from "../api/client";
import { read } from "../api/reads";

/** Where the browser keeps which project of this bench was worked on last. */
export const LAST_PROJECT = `oaken-gauge-project${benchAddress()}`;

/** Where what is next for a project is done: its first unit without a pick, or the steps of what was picked first. */
export function nextOf({ id, next_unit: unit }: Pick<ProjectRow, "id" | "next_unit">): string {
  if (!unit) return `/projects/${id}/units/new`;
  return `/projects/${id}/units/${unit.id}${unit.method ? `?open=${unit.method}` : ""}`;
}

/** The project that was worked on last, as it stands in the list; or the first of them. */
export function useAtWork() {
  const projects = useQuery(read.projects()).data ?? [];
  const last = Number(window.localStorage.getItem(LAST_PROJECT));
  return projects.find(({ id }) => id === last) ?? projects.find(({ aside }) => !aside);
}
