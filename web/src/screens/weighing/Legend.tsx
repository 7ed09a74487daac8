import { PARTS } from "../../drawing/PartsBar";
import { useTold } from "../../parts/measures";

/** What the tints and hatchings mean, and how a finished size is told from a cut one. */
export function Legend() {
  const { limit } = useTold();
  return (
    <div className="legend">
      {PARTS.map((part) => (
        <span key={part.key}>
          <svg width="18" height="12" aria-hidden="true">
            <rect width="18" height="12" className={part.className} />
          </svg>
          {part.name}
        </span>
      ))}
      <span>
        <svg width="26" height="12" aria-hidden="true">
          <rect x="3" width="20" height="12" className="spread-band" />
          <rect x="6" y="4" width="14" height="4" className="spread-bar" />
        </svg>
        nine units in ten, against ± {limit}
      </span>
      <span>
        <span className="legend-ring" /> finished size
      </span>
      <span>
        <span className="legend-box" /> cut size
      </span>
    </div>
  );
}
