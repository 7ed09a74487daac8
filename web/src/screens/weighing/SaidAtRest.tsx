import { useEffect, useRef, useState } from "react";

import type { WeighAnswer } from "../../api/client";
import { inHundred } from "../../drawing/SpreadPicture";
import { spoken } from "../../parts/lengths";

/** How long the fence has to stand before it is said what that changed, milliseconds. */
const RESTS = 700;

type Props = { size: string; answer: WeighAnswer | undefined };

/** Reads aloud what a change of size, count or weights came to, once it rests; nothing when the screen opens. */
export function SaidAtRest({ size, answer }: Props) {
  const first = answer?.methods[0];
  const now =
    answer &&
    (first?.rank
      ? `${spoken(size)}: ${first.title ?? ""} is first, ${inHundred(first.accuracy?.good ?? 0)} good, ${first.effort?.minutes.toFixed(0) ?? ""} minutes`
      : `${spoken(size)}: no method makes it`);
  const [said, setSaid] = useState("");
  const before = useRef<string>(undefined);
  useEffect(() => {
    if (!now) return;
    const opened = before.current === undefined;
    before.current ??= now;
    if (opened || now === before.current) return;
    const rest = setTimeout(() => {
      before.current = now;
      setSaid(now);
    }, RESTS);
    return () => clearTimeout(rest);
  }, [now]);
  return (
    <span className="sr-only" aria-live="polite">
      {said}
    </span>
  );
}
