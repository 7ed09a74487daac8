import type { FabricSeen } from "../api/client";

/** The fill of a fabric in any drawing on the page. */
export function fillOf(fabric: FabricSeen | undefined): string {
  return fabric ? `url(#fabric-${fabric.id})` : "url(#fabric-unknown)";
}

/** Whether lines on a fabric must be light to be seen. */
export function isDark(fabric: FabricSeen | undefined): boolean {
  const [red = 255, green = 255, blue = 255] = (fabric?.colour.match(/[0-9a-f]{2}/g) ?? []).map((part) =>
    parseInt(part, 16),
  );
  return red * 3 + green * 6 + blue < 1200;
}

/** Arrows of a drawing have a head: where a seam is pressed to, and where something moves. */
const HEADS = ["press", "move"];

/** A fabric shows its colour and its weave, so that colour alone never carries meaning. */
export function Weaves({ fabrics }: { fabrics: FabricSeen[] }) {
  return (
    <svg width="0" height="0" aria-hidden="true" className="absolute">
      <defs>
        {HEADS.map((what) => (
          <marker
            key={what}
            id={`head-${what}`}
            viewBox="0 0 10 10"
            refX="8"
            refY="5"
            markerWidth="11"
            markerHeight="11"
            markerUnits="userSpaceOnUse"
            orient="auto-start-reverse"
          >
            <path d="M0 0L10 5L0 10Z" className={`step-head-${what}`} />
          </marker>
        ))}
        {fabrics.map((fabric) => (
          <pattern
            key={fabric.id}
            id={`fabric-${fabric.id}`}
            width="6"
            height="6"
            patternUnits="userSpaceOnUse"
          >
            <rect width="6" height="6" fill={fabric.colour} />
            <Threads weave={fabric.weave} />
          </pattern>
        ))}
        <pattern id="fabric-unknown" width="6" height="6" patternUnits="userSpaceOnUse">
          <rect width="6" height="6" fill="var(--ground-deep)" />
        </pattern>
        <pattern id="waste" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="5" height="5" fill="var(--panel)" />
          <rect width="1.2" height="5" fill="var(--madder)" />
        </pattern>
      </defs>
    </svg>
  );
}

function Threads({ weave }: { weave: FabricSeen["weave"] }) {
  switch (weave) {
    case "twill":
      return <path d="M-1 7L7 -1M-1 1L1 -1M5 7L7 5" stroke="#fff" strokeOpacity="0.28" strokeWidth="1" />;
    case "dots":
      return (
        <path
          d="M1.5 1.5h.01M4.5 4.5h.01"
          stroke="#fff"
          strokeOpacity="0.6"
          strokeWidth="1.5"
          strokeLinecap="round"
        />
      );
    case "check":
      return <path d="M0 1.5H6M1.5 0V6" stroke="#fff" strokeOpacity="0.3" strokeWidth="1.4" />;
    case "slub":
      return <path d="M0 1h4M2 3h4M0 5h2" stroke="#000" strokeOpacity="0.16" strokeWidth="0.8" />;
    default:
      return <path d="M0 3H6M3 0V6" stroke="#000" strokeOpacity="0.07" strokeWidth="0.7" />;
  }
}
