import { useQuery } from "@tanstack/react-query";
import { useEffect } from "react";

import { benchAddress } from "../api/bench";
import type { Stations } from "../api/client";
import { read } from "../api/reads";
import { placeOf } from "./stations";

/** Where the browser keeps which project of this bench was worked on last. */
const LAST_PROJECT = `oaken-gauge-project${benchAddress()}`;

/** The project of this screen is the one that was worked on last. */
export function useWorkedOn(project: number | string | undefined): void {
  useEffect(() => {
    if (project) window.localStorage.setItem(LAST_PROJECT, String(project));
  }, [project]);
}

/** Where what is next for a project is done. */
export function nextOf(id: number, { next, next_unit: unit }: Pick<Stations, "next" | "next_unit">): string {
  if (next.station === "quilt" || next.station === "buy") return placeOf(id, next.station);
  if (!unit) return `/projects/${id}/units/new`;
  return `/projects/${id}/units/${unit.id}${next.station === "steps" ? "/steps" : ""}`;
}

/** The project that was worked on last, as it stands in the list; or the first of them. */
export function useAtWork() {
  const projects = useQuery(read.projects()).data ?? [];
  const last = Number(window.localStorage.getItem(LAST_PROJECT));
  return projects.find(({ id }) => id === last) ?? projects.find(({ aside }) => !aside);
}
