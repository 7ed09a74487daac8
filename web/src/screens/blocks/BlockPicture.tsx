import type { Fabric, Way } from "../../api/client";
import { fillOf } from "../../drawing/Weaves";
import { type Cells, patches } from "./cells";

type Props = { cells: Cells; fabrics: Fabric[]; size: number; label?: string; repeat?: number };

function fillNamed(fabrics: Fabric[], name: string): string {
  return fillOf(fabrics.find((fabric) => String(fabric.id) === name));
}

/** A block as it looks, once or side by side as in a quilt. */
export function BlockPicture({ cells, fabrics, size, label = "", repeat = 1 }: Props) {
  const columns = cells[0]?.length ?? 1;
  const side = size / (columns * repeat);
  const named = label ? { role: "img", "aria-label": label } : { "aria-hidden": true };
  const places = Array.from({ length: repeat }, (_, i) => i);
  return (
    <svg {...named} width={size} height={side * cells.length * repeat} className="block-picture">
      {places.flatMap((down) =>
        places.map((across) => (
          <g
            key={`${across}/${down}`}
            transform={`translate(${across * columns * side} ${down * cells.length * side})`}
          >
            {cells.flatMap((line, y) =>
              line.flatMap((cell, x) =>
                patches(cell).map(({ fabric, corners }, i) => (
                  <polygon
                    key={`${x}/${y}/${i}`}
                    points={corners.map(([cx, cy]) => `${(x + cx) * side},${(y + cy) * side}`).join(" ")}
                    fill={fillNamed(fabrics, fabric)}
                    stroke={repeat > 1 ? undefined : "var(--ink)"}
                    strokeWidth="0.3"
                  />
                )),
              ),
            )}
          </g>
        )),
      )}
    </svg>
  );
}

type WayProps = { way: Way; grid: number[]; fabrics: Fabric[]; size: number; label: string };

/** A block as it is cut into units: thin lines between patches, heavy ones round each unit. */
export function WayPicture({ way, grid, fabrics, size, label }: WayProps) {
  const [columns = 1, rows = 1] = grid;
  const side = size / Math.max(columns, rows);
  return (
    <svg
      role="img"
      aria-label={label}
      width={columns * side}
      height={rows * side}
      className="block-picture way-picture"
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
          className="unit-edge"
        />
      ))}
    </svg>
  );
}
