import type { UnitDrawing } from "../api/client";

type Props = { drawing: UnitDrawing; fillOf: (role: string) => string; size: number; label: string };

/** A unit as it will be seen in the quilt. */
export function UnitPicture({ drawing, fillOf, size, label }: Props) {
  const [height = 1, width = 1] = drawing.size;
  // Without a name it only goes with words that say the same.
  const named = label ? { role: "img", "aria-label": label } : { "aria-hidden": true };
  const scale = size / Math.max(height, width);
  return (
    <svg {...named} width={width * scale} height={height * scale} className="flex-none overflow-visible">
      {drawing.patches.map((patch, i) => (
        <polygon
          key={i}
          points={patch.outline.map(([x = 0, y = 0]) => `${x * scale},${(height - y) * scale}`).join(" ")}
          fill={fillOf(patch.role)}
          className="stroke-ink stroke-1 [stroke-linejoin:round]"
        />
      ))}
    </svg>
  );
}
