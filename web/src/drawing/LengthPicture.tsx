import type { Fabric, Promised } from "../api/client";
import { fillOf } from "./Weaves";

type Props = { fabric: Fabric; promised: Promised | undefined; scale: number };

/** How high a length lies, how long an end is drawn that nobody measured, and the least that a name has room in, in points of the screen. */
const HIGH = 34;
const OPEN = 36;
const NAMED = 70;
/** More pieces than these cannot be told apart. */
const PIECES = 80;

/** How long a fabric is drawn, in inches: what there is of it and what is missing. */
export function lengthOf({ shelf }: Fabric, promised: Promised | undefined): number {
  const taken = (promised?.lengths.taken ?? []).reduce((sum, one) => sum + one, 0);
  return Math.max(shelf?.length ?? 0, taken);
}

/** A fabric as a length to scale: what each project was promised of it, what is left, what is missing. */
export function LengthPicture({ fabric, promised, scale }: Props) {
  const held = fabric.shelf?.length ?? null;
  const long = lengthOf(fabric, promised) * scale;
  const end = held === null ? OPEN : 0;
  const shares = (promised?.by ?? []).map((share, i) => {
    const before = (promised?.lengths.taken ?? []).slice(0, i).reduce((sum, one) => sum + one, 0);
    return { name: share.project, from: before * scale, wide: (promised?.lengths.taken[i] ?? 0) * scale };
  });
  const pieces = fabric.shelf?.pieces ?? 0;
  return (
    <svg
      role="img"
      aria-label={`${fabric.name}: ${promised?.say ?? fabric.shelf?.say ?? ""}`}
      viewBox={`-1 -1 ${long + end + 2} ${HIGH + 2}`}
      width={long + end + 2}
      height={HIGH + 2}
      className="block max-w-full"
    >
      <rect width={held === null ? long + end : held * scale} height={HIGH} fill={fillOf(fabric)} />
      {promised && promised.lengths.over > 0 && (
        <rect
          x={long - promised.lengths.over * scale}
          width={promised.lengths.over * scale}
          height={HIGH}
          fill="url(#waste)"
        />
      )}
      {pieces > 1 && pieces <= PIECES && held !== null && (
        <path
          d={Array.from(
            { length: pieces - 1 },
            (_, i) => `M${((i + 1) * held * scale) / pieces} 0V${HIGH}`,
          ).join("")}
          className="stroke-[#15222b]/55 stroke-[0.8]"
        />
      )}
      {shares.map(({ name, from, wide }, i) => (
        <g key={i}>
          <rect
            x={from}
            y={HIGH - 15}
            width={wide}
            height={15}
            className="fill-brass stroke-brass-deep stroke-1"
          />
          {wide >= NAMED && (
            <svg x={from} width={wide} height={HIGH}>
              <text x={5} y={HIGH - 4} className="fill-[#201600] text-xs font-semibold">
                {name}
              </text>
            </svg>
          )}
        </g>
      ))}
      <path
        d={`M${long + end} 0H0V${HIGH}H${long + end}${held === null ? "" : "Z"}`}
        className="fill-none stroke-ink stroke-1"
      />
    </svg>
  );
}
