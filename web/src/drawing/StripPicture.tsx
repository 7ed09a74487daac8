import type { Fabric, Drawing } from "../api/client";
import { fillOf, isDark } from "./Weaves";

type Props = { drawing: Drawing; fabric: Fabric | undefined; scale: number; label: string };
type Point = number[];

/** One strip or blank to scale: its pieces in their fabric, what is lost hatched, the offcut outlined. */
export function StripPicture({ drawing, fabric, scale, label }: Props) {
  const [height = 0, length = 0] = drawing.size;
  const place = ([x = 0, y = 0]: Point) => `${x * scale},${(height - y) * scale}`;
  const line = (points: Point[]) => `M${points.map(place).join("L")}`;
  return (
    <svg
      role="img"
      aria-label={label}
      width={length * scale + 2}
      height={height * scale + 2}
      viewBox={`-1 -1 ${length * scale + 2} ${height * scale + 2}`}
      className={isDark(fabric) ? "on-dark block" : "block"}
    >
      <rect width={length * scale} height={height * scale} fill="url(#waste)" />
      {drawing.offcut && <Offcut box={drawing.offcut} height={height} scale={scale} />}
      {/* All pieces as one shape: a picture of many is drawn anew at every stop of the fence. */}
      <path
        d={drawing.outlines.map((outline) => `${line(outline)}Z`).join("")}
        fill={fillOf(fabric)}
        className="cut-edge"
      />
      {drawing.marks.length > 0 && <path d={drawing.marks.map(line).join("")} className="chalk-line" />}
      <rect width={length * scale} height={height * scale} className="fill-none stroke-ink stroke-1" />
    </svg>
  );
}

function Offcut({ box, height, scale }: { box: number[]; height: number; scale: number }) {
  const [left = 0, low = 0, wide = 0, high = 0] = box;
  return (
    <rect
      x={left * scale}
      y={(height - low - high) * scale}
      width={wide * scale}
      height={high * scale}
      className="fill-panel stroke-ink stroke-1 [stroke-dasharray:3_2]"
    />
  );
}
