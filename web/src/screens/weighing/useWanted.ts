import { useCallback, useMemo } from "react";
import { useSearchParams } from "react-router";

import type { Count, Unit, UnitDocument, Weights } from "../../api/client";
import { useStable } from "../../parts/useStable";
import { sidesOf } from "./unitDocument";
import { readWeights, writeWeights } from "./weights";

export type Sorting = "rank" | "fabric" | "good" | "alignments" | "minutes" | "surplus";

/** What is shown, kept in the address: the size at the fence, the count, what counts, the sorting, the open row. */
export type Wanted = {
  /** The unit as it is stored, but for how many are wanted here. */
  spec: UnitDocument;
  /** Where the fence was put, as it was typed; null while it stands at the unit's own size. */
  at: string | null;
  sorting: Sorting;
  open: string | null;
  /** What matters, and whether that is other than what the maker keeps. */
  weights: Weights;
  weighed: boolean;
  weigh: (weights: Weights | null) => void;
  change: (changes: Record<string, string | null>) => void;
  /** Puts fence and counts where a unit has them, or back to the unit's own. */
  restore: (unit: UnitDocument | null) => void;
};

export function useWanted(unit: Unit, kept: Weights): Wanted {
  const [params, setParams] = useSearchParams();
  const change = useStable((changes: Record<string, string | null>) =>
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
  );
  const spec = useMemo(
    () => ({ ...unit.unit, count: countIn(params, unit.unit.count) }),
    [unit.unit, params],
  );
  const restore = useCallback(
    (other: UnitDocument | null) =>
      change({ finished: (other && sidesOf(other)[0]) ?? null, ...countParams(other?.count) }),
    [change],
  );
  const counts = params.get("counts");
  const names = useMemo(() => Object.keys(kept), [kept]);
  const weights = useMemo(() => readWeights(counts, names) ?? kept, [counts, names, kept]);
  const weigh = useCallback(
    (wanted: Weights | null) => change({ counts: wanted && writeWeights(wanted, names) }),
    [change, names],
  );
  return {
    spec,
    at: params.get("finished"),
    sorting: (params.get("sort") ?? "rank") as Sorting,
    open: params.get("open"),
    weights,
    weighed: writeWeights(weights, names) !== writeWeights(kept, names),
    weigh,
    change,
    restore,
  };
}

function countIn(params: URLSearchParams, own: Count): Count {
  const read = (name: string, number: number) => asCount(params.get(name), number);
  if (typeof own === "object") return { left: read("left", own.left), right: read("right", own.right) };
  return read("count", own);
}

function countParams(count: Count | undefined): Record<string, string | null> {
  const hands = typeof count === "object" ? count : null;
  return {
    count: typeof count === "number" ? String(count) : null,
    left: hands && String(hands.left),
    right: hands && String(hands.right),
  };
}

// What is no number goes to the core as it was typed, which says what is allowed.
function asCount(text: string | null, own: number): number {
  if (text === null) return own;
  return /^-?\d+$/.test(text.trim()) ? Number(text) : (text as unknown as number);
}
