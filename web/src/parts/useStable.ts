import { useCallback, useLayoutEffect, useRef } from "react";

/** A function that stays the same one and does what the latest does, so that what is drawn need not be drawn again for it. */
export function useStable<Given extends unknown[], Result>(
  latest: (...given: Given) => Result,
): (...given: Given) => Result {
  const kept = useRef(latest);
  useLayoutEffect(() => {
    kept.current = latest;
  });
  return useCallback((...given: Given) => kept.current(...given), []);
}
