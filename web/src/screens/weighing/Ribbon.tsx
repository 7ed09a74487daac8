import type { Interval } from "../../api/client";
import { Hint } from "../../parts/Hint";

/** As many patterns as can be told apart; methods of the same place in the order have the same on every ribbon. */
const PATTERNS = 6;

type Props = {
  intervals: Interval[];
  /** Of all methods, in their order: what tells the patterns apart. */
  methods: string[];
  /** Where a value stands, from the left: pixels, or a part of the whole. */
  place: (value: number) => number | string;
  /** Where the scale ends. */
  to: number;
  /** What is told of an interval. */
  says: (interval: Interval) => string;
  now?: number;
  onGo?: (interval: Interval) => void;
  className?: string;
};

/** Which method is first along a scale: each a stretch of its own pattern, with its name where there is room. */
export function Ribbon({ intervals, methods, place, to, says, now, onGo, className = "" }: Props) {
  return (
    <span className={`ribbon ${className}`} role="group" aria-label="Which method is first">
      {intervals.map((interval, i) => {
        const [from = 0] = interval.span ?? [];
        const [end = to] = intervals[i + 1]?.span ?? [];
        if (from >= to) return null;
        const [left, right] = [place(from), place(Math.min(end, to))].map((at) =>
          typeof at === "number" ? `${at}px` : at,
        );
        const pattern = Math.max(0, methods.indexOf(interval.first)) % PATTERNS;
        const here = now !== undefined && now >= from && (now < end || end === to);
        return (
          <Hint key={`${interval.from}`} text={says(interval)}>
            <button
              type="button"
              tabIndex={-1}
              className={`ribbon-part ribbon-${pattern}`}
              data-here={here || undefined}
              aria-label={says(interval)}
              style={{ left, width: `calc(${right ?? 0} - ${left ?? 0})` }}
              onClick={() => onGo?.(interval)}
            >
              <span className="truncate">{interval.title}</span>
            </button>
          </Hint>
        );
      })}
    </span>
  );
}
