import { useCallback, useMemo } from "react";
import { useSearchParams } from "react-router";

import type { Unit, UnitDocument, Weights } from "../../api/client";
import { readWeights, writeWeights } from "./weights";

export type Sorting = "rank" | "lost" | "good" | "alignments" | "minutes" | "surplus";

/** What is shown, kept in the address: the size at the fence, the count, what counts, the sorting, the open row. */
export type Wanted = {
  spec: UnitDocument;
  sorting: Sorting;
  open: string | null;
  /** What counts, and whether that is other than what the maker keeps. */
  weights: Weights;
  weighed: boolean;
  weigh: (weights: Weights | null) => void;
  change: (changes: Record<string, string | null>) => void;
};

export function useWanted(unit: Unit, kept: Weights): Wanted {
  const [params, setParams] = useSearchParams();
  const change = useCallback(
    (changes: Record<string, string | null>) =>
      setParams(
        (before) => {
          const after = new URLSearchParams(before);
          for (const [key, value] of Object.entries(changes)) {
            if (value === null) after.delete(key);
            else after.set(key, value);
          }
          return after;
        },
        // At once, so that quick keys on the fence each start from where the last one left it.
        { replace: true, flushSync: true },
      ),
    [setParams],
  );
  const finished = params.get("finished") ?? unit.unit.finished;
  const count = params.get("count");
  const spec = useMemo(
    () => ({ ...unit.unit, finished, count: count === null ? unit.unit.count : asCount(count) }),
    [unit.unit, finished, count],
  );
  const counts = params.get("counts");
  const weights = useMemo(() => readWeights(counts) ?? kept, [counts, kept]);
  const weigh = useCallback(
    (wanted: Weights | null) => change({ counts: wanted && writeWeights(wanted) }),
    [change],
  );
  return {
    spec,
    sorting: (params.get("sort") ?? "rank") as Sorting,
    open: params.get("open"),
    weights,
    weighed: writeWeights(weights) !== writeWeights(kept),
    weigh,
    change,
  };
}

// What is no number goes to the core as it was typed, which says what is allowed.
function asCount(text: string): number {
  return /^-?\d+$/.test(text.trim()) ? Number(text) : (text as unknown as number);
}
