import type { ToolPicture as Picture } from "../api/client";
import { drawn } from "../parts/lengths";
import { LINES } from "./lines";

type Props = {
  picture: Picture;
  label: string;
} & (
  | { /** Room for its longer side, in points of the screen. */ size: number; scale?: never }
  | {
      /** Points of the screen to an inch, where several hang beside one another. */ scale: number;
      size?: never;
    }
);

/** Numbers nearer than this, in pixels, would run into one another. */
const APART = { across: 26, up: 13 };

/** A tool to scale, with the lines and numbers printed on it. */
export function ToolPicture({ picture, size, scale: given, label }: Props) {
  const [height = 1, width = 1] = picture.size;
  const scale = given ?? size / Math.max(height, width);
  const place = ([x = 0, y = 0]: number[]) => `${x * scale},${(height - y) * scale}`;
  return (
    <svg
      role="img"
      aria-label={label}
      width={width * scale + 2}
      height={height * scale + 2}
      viewBox={`-1 -1 ${width * scale + 2} ${height * scale + 2}`}
      className="block max-w-full overflow-visible"
    >
      {picture.bodies.map((outline, i) => (
        <polygon
          key={i}
          points={outline.map(place).join(" ")}
          className="fill-glass stroke-ink stroke-[1.3]"
        />
      ))}
      {picture.parts.map((outline, i) => (
        <polygon
          key={i}
          points={outline.map(place).join(" ")}
          className="fill-oak-pale stroke-ink stroke-[0.8]"
        />
      ))}
      {picture.lines.map(({ from, to, weight }, i) => (
        <polyline key={i} points={`${place(from)} ${place(to)}`} className={LINES[weight] ?? LINES.fine} />
      ))}
      {apart(picture.labels, scale).map(({ at, text }) => (
        <text
          key={`${at[0]}/${at[1]}`}
          x={(at[0] ?? 0) * scale}
          y={(height - (at[1] ?? 0)) * scale}
          className="fill-ink stroke-panel stroke-[3px] figure text-xs [paint-order:stroke] [text-anchor:middle]"
        >
          {drawn(text)}
        </text>
      ))}
    </svg>
  );
}

/** The numbers that have room beside one another. */
function apart(labels: Picture["labels"], scale: number): Picture["labels"] {
  return labels.reduce<Picture["labels"]>((kept, label) => {
    const near = kept.some(
      ({ at }) =>
        Math.abs((at[0] ?? 0) - (label.at[0] ?? 0)) * scale < APART.across &&
        Math.abs((at[1] ?? 0) - (label.at[1] ?? 0)) * scale < APART.up,
    );
    return near ? kept : [...kept, label];
  }, []);
}
