import { useTold } from "../parts/measures";

type Props = {
  room: number;
  scale: number;
  /** Those there are, outside of a project. */
  bars?: { inches: number; text: string }[];
};

/** The longest bar that has room, with how long it is, for a picture's scale; none where none has. */
export function ScaleBar({ room, scale, bars }: Props) {
  const told = useTold().bars;
  const bar = (bars ?? told).findLast(({ inches }) => inches * scale <= room);
  if (!bar) return null;
  const width = bar.inches * scale;
  return (
    <span className="ml-2 inline-flex items-center gap-1.25 text-xs font-normal text-quiet">
      <svg width={width + 2} height="8" aria-hidden="true">
        <path d={`M1 0V8M1 4H${width + 1}M${width + 1} 0V8`} stroke="currentColor" fill="none" />
      </svg>
      {bar.text}
    </span>
  );
}
