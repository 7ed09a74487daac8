import type { Method } from "../api/client";
import { useTold } from "../parts/measures";

export const PARTS = [
  { key: "in_units", name: "in the units", className: "fill-chalk" },
  {
    key: "surplus",
    name: "extra units and patches",
    className: "fill-chalk-half",
  },
  { key: "offcut", name: "scrap to keep", className: "fill-panel stroke-quiet stroke-1" },
  { key: "lost", name: "waste", className: "fill-[url(#waste)] stroke-madder stroke-[0.6]" },
] as const;

type Props = { waste: NonNullable<Method["waste"]>; most: number; width?: number };

/** Where the fabric goes, four parts that make up what is taken; all bars share one scale. */
export function PartsBar({ waste, most, width = 150 }: Props) {
  const { areaOf, area_words: area } = useTold();
  const scale = width / most;
  const starts = PARTS.map((_, i) => PARTS.slice(0, i).reduce((sum, part) => sum + waste[part.key], 0));
  return (
    <svg
      role="img"
      aria-label={sentence(waste, areaOf, area)}
      width={width}
      height="18"
      viewBox={`0 0 ${width} 18`}
      className="block"
    >
      {PARTS.map((part, i) => (
        <rect
          key={part.key}
          x={(starts[i] ?? 0) * scale}
          y="1"
          width={Math.max(0, waste[part.key] * scale)}
          height="16"
          className={part.className}
        />
      ))}
    </svg>
  );
}

function sentence(waste: Props["waste"], areaOf: (squareInches: number) => string, area: string): string {
  const parts = PARTS.map((part) => `${areaOf(waste[part.key])} ${part.name}`).join(", ");
  return `${areaOf(waste.net)} ${area} used, ${areaOf(waste.consumed)} from stock: ${parts}`;
}
