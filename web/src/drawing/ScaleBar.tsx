import { useTold } from "../parts/measures";

/** A bar that says how long it is, for a picture's scale. */
export function ScaleBar({ bar, scale }: { bar: "short" | "long"; scale: number }) {
  const { bars } = useTold();
  const { inches = 0, text = "" } = bars[bar === "short" ? 0 : 1] ?? {};
  const width = inches * scale;
  return (
    <span className="ml-2 inline-flex items-center gap-1.25 text-[12px] font-normal text-quiet">
      <svg width={width + 2} height="8" aria-hidden="true">
        <path d={`M1 0V8M1 4H${width + 1}M${width + 1} 0V8`} stroke="currentColor" fill="none" />
      </svg>
      {text}
    </span>
  );
}
