import { useEffect, useRef } from "react";

/**
 * Does what a key asks for as soon as there is a fresh answer: at once, or when the size that stands now has been weighed.
 * What was asked for is forgotten when the fence moves on.
 */
export function useOnceFresh<T>(fresh: boolean, size: string, act: (asked: T) => void): (asked: T) => void {
  const waiting = useRef<{ asked: T; size: string }>(undefined);
  useEffect(() => {
    const before = waiting.current;
    if (!before || (!fresh && before.size === size)) return;
    waiting.current = undefined;
    if (before.size === size) act(before.asked);
  }, [fresh, size, act]);
  return (asked) => {
    if (fresh) act(asked);
    else waiting.current = { asked, size };
  };
}
