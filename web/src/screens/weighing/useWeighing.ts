import { keepPreviousData, replaceEqualDeep, useQuery } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";

import { api, ApiError, type Fabric, type Project, type Unit, type WeighAnswer } from "../../api/client";
import type { Wanted } from "./useWanted";

export type Weighing = {
  /** The last answer there was; it stays while the next is worked out, and when that fails. */
  answer: WeighAnswer | undefined;
  /** Whether the answer is to what is asked now. */
  fresh: boolean;
  error: ApiError | null;
  trouble: Error | null;
};

/** The weighing of a unit with the drawer and the fabric of its project. */
export function useWeighing(project: Project, unit: Unit, wanted: Wanted): Weighing {
  const document = {
    unit: wanted.spec,
    ...(wanted.at !== null && { at: wanted.at }),
    seam_allowance: project.seam_allowance,
    measure: project.measure,
    tools: project.drawer,
    maker: project.profile,
    priorities: wanted.weights,
    fabrics: fabricsOf(project, unit),
  };
  const before = useRef<WeighAnswer>(undefined);
  const query = useQuery({
    queryKey: ["weigh", unit.id, document],
    // What is as it was in the answer before stays the same object: it need not be drawn again.
    queryFn: async ({ signal }) => replaceEqualDeep(before.current, await api.weigh(document, signal)),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    gcTime: 60_000,
  });
  useEffect(() => {
    before.current = query.data;
  }, [query.data]);
  const [last, setLast] = useState<WeighAnswer>();
  if (query.data && query.data !== last) setLast(query.data);
  return {
    answer: query.data ?? last,
    fresh: query.isSuccess && !query.isPlaceholderData,
    error: query.error instanceof ApiError ? query.error : null,
    trouble: query.failureReason,
  };
}

/** The fabric of each role; one that another role has already is told as the same, so that it is not used twice. */
function fabricsOf(project: Project, unit: Unit) {
  const roles = Object.entries(unit.fabrics);
  return Object.fromEntries(
    roles.map(([role, id], i) => {
      const before = roles.slice(0, i).find(([, other]) => other === id);
      return [role, before ? { same_as: before[0] } : fabricOf(project, id)?.fabric];
    }),
  );
}

export function fabricOf(project: Project, id: number | undefined): Fabric | undefined {
  return project.fabrics.find((fabric) => fabric.id === id);
}
