import { useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "react-router";

import type { Project, Unit } from "../api/client";
import { read } from "../api/reads";
import type { Step } from "./steps";
import type { Kept } from "./turns";

const FENCE = ["finished", "count", "left", "right"];

/** Goes to a unit; on its own screen the fence goes to the unit's size, and all else stays as it is. */
export function useShowUnit() {
  const navigate = useNavigate();
  return async (projectId: number, unitId: number | string) => {
    const { pathname, search } = window.location;
    const there = `/projects/${projectId}/units/${unitId}`;
    if (!pathname.endsWith(there)) return navigate(there);
    const params = new URLSearchParams(search);
    if (!FENCE.some((name) => params.has(name))) return;
    FENCE.forEach((name) => params.delete(name));
    await navigate({ pathname: there, search: params.toString() }, { replace: true });
  };
}

/** Where units of a project are weighed, what was taken back is gone to; on any other screen one stays where one is. */
export function useShowing() {
  const queries = useQueryClient();
  const show = useShowUnit();
  return async ({ of }: Step, kept: Kept | null, removed: boolean) => {
    if (of !== "unit" || !kept) return;
    const { id, project_id: project } = kept as Unit;
    if (!window.location.pathname.includes(`/projects/${project}/units/`)) return;
    const units = queries.getQueryData<Project>(read.project(project).queryKey)?.units ?? [];
    await show(project, removed ? (units.find((one) => one.id !== id)?.id ?? "none") : id);
  };
}
