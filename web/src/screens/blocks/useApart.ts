import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useDeferredValue } from "react";

import { api, type Way } from "../../api/client";
import type { Cells } from "./cells";

/** The ways to cut what is drawn into units; what was there stays until the new answer is. */
export function useApart(cells: Cells, finished: string) {
  const drawn = JSON.stringify({ cells, finished });
  const picture = useDeferredValue(drawn);
  const query = useQuery({
    queryKey: ["apart", picture],
    queryFn: ({ signal }) => api.takeApart(JSON.parse(picture), signal),
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: Infinity,
  });
  // Ways of what was there before are seen until then, but none of them is to be chosen.
  return { ...query, current: picture === drawn && !query.isPlaceholderData };
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
    retry: false,
  });
}
