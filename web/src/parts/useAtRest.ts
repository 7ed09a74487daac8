import { useEffect, useState } from "react";

/** How long nothing has to move, milliseconds. */
const RESTS = 300;

/** What was there last when nothing moved any more: what is worked out from it need not follow every stop of the fence. */
export function useAtRest(now: string): string {
  const [rested, setRested] = useState(now);
  useEffect(() => {
    const rest = setTimeout(() => setRested(now), RESTS);
    return () => clearTimeout(rest);
  }, [now]);
  return rested;
}
