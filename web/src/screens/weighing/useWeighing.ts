import {
  CancelledError,
  keepPreviousData,
  replaceEqualDeep,
  useQuery,
  useQueryClient,
} from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";

import { useAway } from "../../api/away";
import { api, ApiError, type Fabric, type Project, type Unit, type WeighAnswer } from "../../api/client";
import { useStable } from "../../parts/useStable";
import type { Wanted } from "./useWanted";

export type Weighing = {
  /** The last answer there was; it stays while the next is worked out, and when that fails. */
  answer: WeighAnswer | undefined;
  /** Whether the answer is to what is asked now. */
  fresh: boolean;
  error: ApiError | null;
  trouble: Error | null;
  /** The answer to what is asked now, when it is there, whatever is asked by then. */
  answered: () => Promise<WeighAnswer>;
};

/** The weighing of a unit with the drawer and the fabric of its project. */
export function useWeighing(project: Project, unit: Unit, wanted: Wanted): Weighing {
  const queries = useQueryClient();
  const away = useAway();
  const [last, setLast] = useState<WeighAnswer>();
  // What is as it was in the answer before stays the same object: it need not be drawn again.
  const shared = useStable((answer: WeighAnswer) => replaceEqualDeep(last, answer) as WeighAnswer);
  const asking = (at: string | null) => {
    const document = documentOf(project, unit, wanted, at);
    return {
      queryKey: ["weigh", unit.id, document],
      queryFn: async ({ signal }: { signal: AbortSignal }) => shared(await api.weigh(document, signal)),
      staleTime: Infinity,
      gcTime: 60_000,
    };
  };
  const query = useQuery({ ...asking(wanted.at), placeholderData: keepPreviousData });
  if (query.data && query.data !== last) setLast(query.data);
  const fresh = query.isSuccess && !query.isPlaceholderData;
  useAhead(fresh ? query.data.beam : undefined, asking);
  const answered = async (): Promise<WeighAnswer> => {
    try {
      return await queries.fetchQuery(asking(wanted.at));
    } catch (error) {
      // Given up only because nobody looks at it any more.
      if (error instanceof CancelledError) return queries.fetchQuery(asking(wanted.at));
      throw error;
    }
  };
  return {
    answer: query.data ?? last,
    fresh,
    error: query.error instanceof ApiError ? query.error : null,
    trouble: query.error ?? (query.isFetching ? away : null),
    answered,
  };
}

function documentOf(project: Project, unit: Unit, wanted: Wanted, at: string | null) {
  return {
    unit: wanted.spec,
    ...(at !== null && { at }),
    seam_allowance: project.seam_allowance,
    measure: project.measure,
    tools: project.drawer,
    maker: project.profile,
    priorities: wanted.weights,
    fabrics: fabricsOf(project, unit),
  };
}

type Asking = Parameters<ReturnType<typeof useQueryClient>["prefetchQuery"]>[0];

/** While she looks at one stop of the fence, the one beyond it is asked for, the way the fence went last. */
function useAhead(beam: WeighAnswer["beam"], asking: (at: string) => Asking) {
  const queries = useQueryClient();
  const stood = useRef<number>(undefined);
  const ask = useStable((at: string) => void queries.prefetchQuery(asking(at)));
  useEffect(() => {
    if (!beam) return;
    const stop = beam.stops.indexOf(beam.finished);
    const way = Math.sign(stop - (stood.current ?? stop));
    stood.current = stop;
    const beyond = beam.stops[stop + way];
    if (way !== 0 && beyond) ask(beyond);
  }, [beam, ask]);
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
