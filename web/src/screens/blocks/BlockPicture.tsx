import { memo, useId } from "react";

import type { Fabric, Way } from "../../api/client";
import { CellRows, fillNamed } from "./CellRows";
import type { Cells } from "./cells";

type Props = { cells: Cells; fabrics: Fabric[]; size: number; label?: string; repeat?: number };

/** A block as it looks, once or side by side as in a quilt. */
export function BlockPicture({ cells, fabrics, size, label = "", repeat = 1 }: Props) {
  const columns = cells[0]?.length ?? 1;
  const side = size / (columns * repeat);
  const id = useId();
  const named = label ? { role: "img", "aria-label": label } : { "aria-hidden": true };
  const places = Array.from({ length: repeat * repeat }, (_, i) => i).slice(1);
  return (
    <svg {...named} width={size} height={side * cells.length * repeat} className="block max-w-full">
      <g id={id}>
        <CellRows cells={cells} fabrics={fabrics} side={side} outlined={repeat === 1} />
      </g>
      {places.map((i) => (
        <use
          key={i}
          href={`#${id}`}
          x={(i % repeat) * columns * side}
          y={Math.floor(i / repeat) * cells.length * side}
        />
      ))}
    </svg>
  );
}

type WayProps = {
  way: Way;
  grid: number[];
  fabrics: Fabric[];
  size: number;
  label: string;
  /** Units that lie elsewhere than in another way. */
  marked?: number[] | undefined;
};

/** A block as it is cut into units: thin lines between patches, heavy ones round each unit. */
export const WayPicture = memo(function WayPicture({
  way,
  grid,
  fabrics,
  size,
  label,
  marked = [],
}: WayProps) {
  const [columns = 1, rows = 1] = grid;
  const side = size / Math.max(columns, rows);
  return (
    <svg
      role="img"
      aria-label={label}
      width={columns * side}
      height={rows * side}
      className="block max-w-full"
    >
      {way.drawing?.map((patch, i) => (
        <polygon
          key={i}
          points={patch.outline.map(([x = 0, y = 0]) => `${x * side},${y * side}`).join(" ")}
          fill={fillNamed(fabrics, patch.fabric)}
          stroke="var(--ink)"
          strokeWidth="0.4"
        />
      ))}
      {way.pieces.map(({ at: [x = 0, y = 0], span: [wide = 1, high = 1] }, i) => (
        <rect
          key={i}
          x={x * side}
          y={y * side}
          width={wide * side}
          height={high * side}
          className={`fill-none ${marked.includes(i) ? "stroke-brass stroke-4" : "stroke-ink stroke-2"}`}
        />
      ))}
    </svg>
  );
});
