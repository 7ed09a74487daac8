import { useCallback, useMemo } from "react";
import { useSearchParams } from "react-router";

import type { Unit, UnitDocument } from "../../api/client";

export type Sorting = "rank" | "lost" | "alignments" | "minutes" | "surplus";

/** What is shown, kept in the address: the size at the fence, the count, the sorting, the open row. */
export type Wanted = {
  spec: UnitDocument;
  sorting: Sorting;
  open: string | null;
  change: (changes: Record<string, string | null>) => void;
};

export function useWanted(unit: Unit): Wanted {
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
  return { spec, sorting: (params.get("sort") ?? "rank") as Sorting, open: params.get("open"), change };
}

// What is no number goes to the core as it was typed, which says what is allowed.
function asCount(text: string): number {
  return /^-?\d+$/.test(text.trim()) ? Number(text) : (text as unknown as number);
}
