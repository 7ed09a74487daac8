import type { DrawnStep, FabricSeen, StepDrawing } from "../api/client";
import { drawn } from "../parts/lengths";
import { fillOf } from "./Weaves";

type Props = {
  drawing: StepDrawing;
  fabricOf: (role: string) => FabricSeen | undefined;
  width: number;
  height: number;
  label: string;
};
type Points = number[][];

/** Room round the picture for arrowheads and numbers at its edges, in points of the screen. */
const EDGE = 18;

/** The drawing of a step by its place, as long as it is still the same step. */
export function drawnAs(
  drawn: DrawnStep[] | undefined,
  step: { round: number; say: string },
  place: number,
): StepDrawing | undefined {
  const one = drawn?.[place];
  return one?.round === step.round && one.say === step.say ? one.drawing : undefined;
}

/** The scale that a drawing is shown at in so much room. */
export function scaleOf({ size: [high = 1, wide = 1] }: StepDrawing, width: number, height: number): number {
  return Math.min((width - 2 * EDGE) / Math.max(wide, 0.01), (height - 2 * EDGE) / Math.max(high, 0.01));
}

/** A step as hands see it, to scale: fabric right or wrong side up, stitches, cuts, the ruler's line that lies on an edge. */
export function StepPicture({ drawing, fabricOf, width, height, label }: Props) {
  const scale = scaleOf(drawing, width, height);
  const [high = 0, wide = 0] = drawing.size;
  const place = ([x = 0, y = 0]: number[]) => [x * scale + EDGE, (high - y) * scale + EDGE] as const;
  const path = (points: Points) => `M${points.map((point) => place(point).join(",")).join("L")}`;
  const shape = (points: Points) => `${path(points)}Z`;
  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`0 0 ${wide * scale + 2 * EDGE} ${high * scale + 2 * EDGE}`}
      width={wide * scale + 2 * EDGE}
      height={high * scale + 2 * EDGE}
      className="block max-w-full"
    >
      {drawing.beds.map((bed, i) => (
        <path key={i} d={shape(bed)} className="fill-panel stroke-brass-deep stroke-[1.4]" />
      ))}
      {drawing.fabric.map(({ role, side, outline }, i) => (
        <g key={i}>
          <path d={shape(outline)} fill={fillOf(fabricOf(role))} />
          <path
            d={shape(outline)}
            className={`stroke-[#15222b] stroke-1 [stroke-linejoin:round] ${side === "wrong" ? "fill-panel/65" : "fill-none"}`}
          />
        </g>
      ))}
      {drawing.off.map((part, i) => (
        <path key={i} d={shape(part)} fill="url(#waste)" className="stroke-ink stroke-1" />
      ))}
      {drawing.tools.map((tool, i) => (
        <path key={i} d={shape(tool)} className="fill-brass/22 stroke-brass-deep stroke-[1.4]" />
      ))}
      {drawing.lines.map(({ what, points }, i) => (
        <g key={i}>
          {HALO.has(what) && <path d={path(points)} className="step-line step-line-under" />}
          <path
            d={path(points)}
            className={`step-line step-line-${what}`}
            markerEnd={ARROWS.has(what) ? `url(#head-${what})` : undefined}
          />
        </g>
      ))}
      {drawing.labels.map(({ at, text }, i) => {
        const [x, y] = place(at);
        return (
          <text key={i} x={x} y={y} className="step-number">
            {drawn(text)}
          </text>
        );
      })}
    </svg>
  );
}

const ARROWS = new Set(["press", "move"]);
const HALO = new Set(["cut", "seam", "mark", "press", "move", "fold", "spray"]);
