import type { Accuracy } from "../api/client";
import { useTold } from "../parts/measures";

type Props = { accuracy: Accuracy; width?: number; labelled?: boolean };

/** What is shown on either side of the size that is wanted, in inches. */
const REACH = 1 / 8;
const LIMIT = 1 / 16;
const HEIGHT = 20;

/** Where nine units in ten come out, against the band of a sixteenth either way. All share one scale. */
export function SpreadPicture({ accuracy, width = 132, labelled = false }: Props) {
  const [low = 0, high = 0] = accuracy.middle_nine_tenths;
  const at = (inches: number) => ((Math.max(-REACH, Math.min(REACH, inches)) + REACH) * width) / (2 * REACH);
  const { off, limit } = useTold();
  const outside = low < -LIMIT || high > LIMIT;
  return (
    <svg
      role="img"
      aria-label={`Nine units in ten come out between ${off(low)} and ${off(high)}; ${inHundred(accuracy.within_sixteenth)} within ${limit}`}
      width={width}
      height={labelled ? HEIGHT + 15 : HEIGHT}
      className="block overflow-visible"
    >
      <rect
        x={at(-LIMIT)}
        y="1"
        width={at(LIMIT) - at(-LIMIT)}
        height={HEIGHT - 2}
        className="fill-chalk-pale stroke-chalk stroke-[0.7]"
      />
      <line
        x1={at(0)}
        x2={at(0)}
        y1="1"
        y2={HEIGHT - 1}
        className="stroke-chalk stroke-1 [stroke-dasharray:2_2]"
      />
      <rect x={at(low)} y="7" width={Math.max(1.5, at(high) - at(low))} height="6" className="fill-ink" />
      {outside && <Outside low={low} high={high} at={at} />}
      <line
        x1={at(accuracy.size_bias)}
        x2={at(accuracy.size_bias)}
        y1="4"
        y2={HEIGHT - 4}
        className="stroke-ink stroke-[2.4]"
      />
      {labelled && <Labels at={at} limit={limit} />}
    </svg>
  );
}

type PlaceProps = { low: number; high: number; at: (inches: number) => number };

/** The parts of the spread that lie beyond the band. */
function Outside({ low, high, at }: PlaceProps) {
  return (
    <>
      {low < -LIMIT && (
        <rect
          x={at(low)}
          y="7"
          width={at(Math.min(high, -LIMIT)) - at(low)}
          height="6"
          className="fill-madder"
        />
      )}
      {high > LIMIT && (
        <rect
          x={at(Math.max(low, LIMIT))}
          y="7"
          width={at(high) - at(Math.max(low, LIMIT))}
          height="6"
          className="fill-madder"
        />
      )}
    </>
  );
}

function Labels({ at, limit }: { at: (inches: number) => number; limit: string }) {
  return (
    <g className="fill-quiet text-xs [text-anchor:middle]">
      <text x={at(-LIMIT)} y={HEIGHT + 12}>
        {limit} small
      </text>
      <text x={at(0)} y={HEIGHT + 12}>
        exact
      </text>
      <text x={at(LIMIT)} y={HEIGHT + 12}>
        {limit} large
      </text>
    </g>
  );
}

/** A share as it is read: so many in a hundred. */
export function inHundred(share: number): string {
  if (share > 0.9995) return "all";
  if (share < 0.0005) return "none";
  return `${(share * 100).toFixed(share > 0.99 || share < 0.01 ? 1 : 0)} in 100`;
}
