import { useQuery } from "@tanstack/react-query";

import { api } from "../api/client";

/** Where the browser keeps which project was worked on last. */
export const LAST_PROJECT = "oaken-gauge-project";

/** The project that was worked on last, as it stands in the list; or the first of them. */
export function useAtWork() {
  const projects = useQuery({ queryKey: ["projects"], queryFn: api.projects }).data ?? [];
  const last = Number(window.localStorage.getItem(LAST_PROJECT));
  return projects.find(({ id }) => id === last) ?? projects.find(({ aside }) => !aside);
}
