import { useCallback, useMemo } from "react";
import { useSearchParams } from "react-router";

import type { Count, Unit, UnitDocument, Weights } from "../../api/client";
import { useStable } from "../../parts/useStable";
import { sidesOf } from "./unitDocument";
import { readWeights, writeWeights } from "./weights";

/** How many, or how many of each hand, as it stands in the fields. */
export type Told = string | { left: string; right: string };
export type Sorting = "rank" | "fabric" | "good" | "alignments" | "minutes" | "surplus";

/** What is shown, kept in the address: the size at the fence, the count, what counts, the sorting, the open row. */
export type Wanted = {
  /** How many are wanted, where that is other than what is stored; as it was typed. */
  counts: { count?: string; left?: string; right?: string };
  /** How many stand in the fields. */
  count: Told;
  /** Where the fence was put, as it was typed; null while it stands at the unit's own size. */
  at: string | null;
  sorting: Sorting;
  open: string | null;
  /** Methods that are held against one another. */
  held: string[];
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
  const counts = useMemo(() => countsIn(params, unit.unit.count), [unit.unit.count, params]);
  const restore = useCallback(
    (other: UnitDocument | null) =>
      change({ finished: (other && sidesOf(other)[0]) ?? null, ...countParams(other?.count) }),
    [change],
  );
  const kinds = params.get("counts");
  const names = useMemo(() => Object.keys(kept), [kept]);
  const weights = useMemo(() => readWeights(kinds, names) ?? kept, [kinds, names, kept]);
  const weigh = useCallback(
    (wanted: Weights | null) => change({ counts: wanted && writeWeights(wanted, names) }),
    [change, names],
  );
  return {
    counts,
    count: countOf(unit.unit.count, counts),
    at: params.get("finished"),
    sorting: (params.get("sort") ?? "rank") as Sorting,
    open: params.get("open"),
    held: (params.get("held") ?? "").split(" ").filter(Boolean),
    weights,
    weighed: writeWeights(weights, names) !== writeWeights(kept, names),
    weigh,
    change,
    restore,
  };
}

function countsIn(params: URLSearchParams, own: Count): Wanted["counts"] {
  const names = typeof own === "object" ? ["left", "right"] : ["count"];
  return Object.fromEntries(names.flatMap((name) => (params.has(name) ? [[name, params.get(name)]] : [])));
}

/** What is no number stays in its field as it was typed. */
function countOf(own: Count, { count, left, right }: Wanted["counts"]): Told {
  if (typeof own === "object") return { left: left ?? String(own.left), right: right ?? String(own.right) };
  return count ?? String(own);
}

function countParams(count: Count | undefined): Record<string, string | null> {
  const hands = typeof count === "object" ? count : null;
  return {
    count: typeof count === "number" ? String(count) : null,
    left: hands && String(hands.left),
    right: hands && String(hands.right),
  };
}
