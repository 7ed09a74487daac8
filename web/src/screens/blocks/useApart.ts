import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useDeferredValue, useEffect, useRef, useState } from "react";

import { api, type Apart, ApiError, type Job, type Way } from "../../api/client";
import { followed } from "../../api/jobs";
import type { Cells } from "./cells";

/** Somebody stopped it before it was done. */
class Stopped extends Error {}

/** The ways to cut what is drawn into units; what was there stays until the new answer is. */
export function useApart(cells: Cells, finished: string) {
  const drawn = JSON.stringify({ cells, finished });
  const picture = useDeferredValue(drawn);
  const [working, setWorking] = useState<Job | null>(null);
  // The job for a picture that was drawn over since is of no use to anybody.
  const asked = useRef<{ picture: string; job: number } | null>(null);
  useEffect(() => {
    const before = asked.current;
    if (before && before.picture !== picture) {
      asked.current = null;
      void api.stopJob(before.job).catch(() => undefined);
    }
  }, [picture]);

  const query = useQuery({
    queryKey: ["apart", picture],
    queryFn: async ({ signal }) => {
      const first = await api.takeApart(JSON.parse(picture), signal);
      if (first.id !== null && first.state !== "done") asked.current = { picture, job: first.id };
      return await answerOf(first, signal, setWorking);
    },
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
  return {
    ...query,
    // Ways of what was there before are seen until then, but none of them is to be chosen.
    current: picture === drawn && !query.isPlaceholderData && !query.isError,
    working: query.isFetching ? working : null,
    stopped: query.error instanceof Stopped,
    stop: () => void (asked.current && api.stopJob(asked.current.job)),
  };
}

async function answerOf(
  first: Job,
  signal: AbortSignal,
  onWorking: (job: Job | null) => void,
): Promise<Apart> {
  const job = await followed(first, api.job, onWorking, signal);
  if (job.answer) return job.answer;
  if (job.state === "stopped") throw new Stopped();
  throw new ApiError(500, "Something went wrong with taking it apart. The block is saved as it is.");
}

const SIZES = { from: "4", to: "20", step: "1/2" };

/** The sizes of the block at which all its units fall on marks of the drawer, best first. */
export function useLadder(way: Way | undefined) {
  const units = way?.units.map((unit) => unit.shared) ?? [];
  const asked = JSON.stringify({ units, block: SIZES });
  return useQuery({
    queryKey: ["sizes", asked],
    queryFn: ({ signal }) => api.sizes(JSON.parse(asked), signal),
    enabled: units.length > 0,
    placeholderData: keepPreviousData,
  });
}
