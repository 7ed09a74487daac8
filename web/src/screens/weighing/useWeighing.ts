import {
  CancelledError,
  keepPreviousData,
  replaceEqualDeep,
  useQuery,
  useQueryClient,
} from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";

import { useAway } from "../../api/away";
import {
  ApiError,
  type Asked,
  type Beam,
  type Fabric,
  type Project,
  type Unit,
  type WeighAnswer,
} from "../../api/client";
import { read } from "../../api/reads";
import { useStable } from "../../parts/useStable";
import type { Wanted } from "./useWanted";

export type Weighing = {
  /** The last answer there was; it stays while the next is worked out, and when that fails. */
  answer: WeighAnswer | undefined;
  /** The scale and the marks of the tools. */
  beam: Beam | undefined;
  /** Whether the answer is to what is asked now. */
  fresh: boolean;
  error: ApiError | null;
  trouble: Error | null;
  /** What is asked of it: what stands otherwise than is stored, and a word for what is stored. */
  asked: Asked;
  stored: string;
  /** The answer to what is asked now, when it is there, whatever is asked by then. */
  answered: () => Promise<WeighAnswer>;
};

/** The weighing of a unit as it is stored, with the drawer and the fabric of its project. */
export function useWeighing(project: Project, unit: Unit, wanted: Wanted): Weighing {
  const queries = useQueryClient();
  const away = useAway();
  const [last, setLast] = useState<WeighAnswer>();
  const stored = storedOf(project, unit);
  // What is as it was in the answer before stays the same object: it need not be drawn again.
  const shared = useStable((answer: WeighAnswer) => replaceEqualDeep(last, answer) as WeighAnswer);
  const asking = (at: string | null) => {
    const asked = { at, count: wanted.counts, priorities: prioritiesOf(wanted) };
    const weighing = read.weighing(unit.id, asked, stored);
    return {
      ...weighing,
      queryFn: async (context: { signal: AbortSignal }) => shared(await weighing.queryFn(context)),
    };
  };
  const query = useQuery({ ...asking(wanted.at), placeholderData: keepPreviousData });
  if (query.data && query.data !== last) setLast(query.data);
  const fresh = query.isSuccess && !query.isPlaceholderData;
  const answer = query.data ?? last;
  const beam = useBeam(unit.id, stored, answer?.fence?.finished);
  useAhead(beam?.stops, fresh ? query.data.fence?.finished : undefined, asking);
  const answered = async (): Promise<WeighAnswer> => {
    try {
      return await queries.fetchQuery(asking(wanted.at));
    } catch (error) {
      // Given up only because nobody looks at it any more.
      if (error instanceof CancelledError) return queries.fetchQuery(asking(wanted.at));
      throw error;
    }
  };
  const { error } = query;
  return {
    answer,
    beam,
    fresh,
    error: error instanceof ApiError ? error : null,
    trouble: error ?? (query.isFetching ? away : null),
    asked: { at: wanted.at, count: wanted.counts, priorities: prioritiesOf(wanted) },
    stored,
    answered,
  };
}

/** Another one whenever what the unit is weighed by is stored otherwise. */
export function storedOf(project: Project, unit: Unit): string {
  return JSON.stringify([unit.unit, unit.fabrics, project.weighed_by, project.priorities]);
}

/** As what is stored would be asked for: nothing where they stand as the maker keeps them. */
function prioritiesOf({ weights, weighed }: Wanted): Record<string, string> | undefined {
  if (!weighed) return undefined;
  return Object.fromEntries(Object.entries(weights).map(([name, weight]) => [name, String(weight)]));
}

/** The beam comes once for a unit and a drawer; once more where the fence stands between its stops, or beyond them. */
function useBeam(unitId: number, stored: string, finished: string | undefined): Beam | undefined {
  const usual = useQuery({ ...read.beam(unitId, null, stored), placeholderData: keepPreviousData }).data;
  const between = usual && finished !== undefined && !usual.stops.includes(finished);
  const other = useQuery({
    ...read.beam(unitId, finished ?? null, stored),
    enabled: between === true,
    placeholderData: keepPreviousData,
  }).data;
  return between ? (other ?? usual) : usual;
}

type Asking = Parameters<ReturnType<typeof useQueryClient>["prefetchQuery"]>[0];

/** While she looks at one stop of the fence, the one beyond it is asked for, the way the fence went last. */
function useAhead(stops: string[] | undefined, finished: string | undefined, asking: (at: string) => Asking) {
  const queries = useQueryClient();
  const stood = useRef<number>(undefined);
  const ask = useStable((at: string) => void queries.prefetchQuery(asking(at)));
  useEffect(() => {
    if (!stops || finished === undefined) return;
    const stop = stops.indexOf(finished);
    const way = Math.sign(stop - (stood.current ?? stop));
    stood.current = stop;
    const beyond = stops[stop + way];
    if (way !== 0 && beyond) ask(beyond);
  }, [stops, finished, ask]);
}

export function fabricOf(project: Project, id: number | undefined): Fabric | undefined {
  return project.fabrics.find((fabric) => fabric.id === id);
}
