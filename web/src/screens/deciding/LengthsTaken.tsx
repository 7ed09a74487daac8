import type { Project, Proposed } from "../../api/client";
import { fillOf } from "../../drawing/Weaves";
import { Words } from "../../parts/Words";

const HIGH = 26;
const WIDE = 620;

/** The length of each fabric to one scale: what it takes together, what each by itself, and the least that any plan could. */
export function LengthsTaken({
  project,
  drawn,
}: {
  project: Project;
  drawn: NonNullable<Proposed["drawn"]>;
}) {
  if (drawn.length === 0) return null;
  const longest = Math.max(...drawn.flatMap(({ used, apart }) => [used, apart]));
  const scale = WIDE / longest;
  return (
    <figure className="m-0 mt-5">
      <ul className="grid gap-3">
        {drawn.map(({ fabric, used, apart, bound, say }) => (
          <li key={fabric}>
            <span className="mb-1 flex flex-wrap gap-x-3">
              <strong>{fabric}</strong>
              <span>
                <Words>{say}</Words>
              </span>
            </span>
            <svg
              role="img"
              aria-label={`${fabric}: ${say}`}
              viewBox={`-1 -1 ${WIDE + 2} ${HIGH + 2}`}
              className="block h-auto w-full max-w-170"
            >
              {apart > used && (
                <rect
                  x={used * scale}
                  width={(apart - used) * scale}
                  height={HIGH}
                  className="fill-none stroke-quiet"
                  strokeDasharray="5 4"
                />
              )}
              <rect
                width={used * scale}
                height={HIGH}
                fill={fillOf(project.fabrics.find(({ name }) => name === fabric))}
                className="stroke-ink"
              />
              {apart < used && (
                <path
                  d={`M${apart * scale} 0V${HIGH}`}
                  className="stroke-ink stroke-2"
                  strokeDasharray="5 4"
                />
              )}
              <path d={`M${bound * scale} -1V${HIGH + 1}`} className="stroke-brass stroke-3" />
            </svg>
          </li>
        ))}
      </ul>
      <figcaption className="quiet mt-2 text-sm">
        Lengths to one scale, of a bolt cut by one plan. The brass line is the least that any plan of these
        pieces could take; dashed, what it takes with each unit by itself.
      </figcaption>
    </figure>
  );
}
