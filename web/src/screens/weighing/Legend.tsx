import { PARTS } from "../../drawing/PartsBar";
import { useTold } from "../../parts/measures";

/** What the tints and hatchings mean, and how a finished size is told from a cut one. */
export function Legend() {
  const { limit } = useTold();
  return (
    <div className="flex flex-wrap gap-x-4.5 gap-y-1.5 px-3 py-1.75 text-xs text-quiet">
      {PARTS.map((part) => (
        <span key={part.key} className="inline-flex items-center gap-1.5">
          <svg width="18" height="12" aria-hidden="true">
            <rect width="18" height="12" className={part.className} />
          </svg>
          {part.name}
        </span>
      ))}
      <span className="inline-flex items-center gap-1.5">
        <svg width="26" height="12" aria-hidden="true">
          <rect x="3" width="20" height="12" className="fill-chalk-pale stroke-chalk stroke-[0.7]" />
          <rect x="6" y="4" width="14" height="4" className="fill-ink" />
        </svg>
        nine units in ten, against ± {limit}
      </span>
      <span className="inline-flex items-center gap-1.5">
        <span className="h-3.25 w-5 rounded-lg border-[1.5px] border-chalk" /> finished size
      </span>
      <span className="inline-flex items-center gap-1.5">
        <span className="h-3.25 w-4.5 border-[1.5px] border-ink" /> cut size
      </span>
    </div>
  );
}
