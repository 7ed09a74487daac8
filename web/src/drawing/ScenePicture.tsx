import type { Scene } from "../api/client";
import { drawn } from "../parts/lengths";
import { LINES } from "./lines";

type Props = { scene: Scene; width: number; height: number; fill: string; label: string };

/** Room for the numbers at the edges, in inches. */
const EDGE = 0.7;

/** A tool as it lies on the fabric: what is cut under it, its lines, and the one that lies on the edge, lit. */
export function ScenePicture({ scene, width, height, fill, label }: Props) {
  const all = [...scene.fabric, ...scene.bodies].flat();
  const [left, right] = [
    Math.min(...all.map(([x = 0]) => x)) - EDGE,
    Math.max(...all.map(([x = 0]) => x)) + EDGE,
  ];
  const [low, high] = [
    Math.min(...all.map(([, y = 0]) => y)) - EDGE,
    Math.max(...all.map(([, y = 0]) => y)) + EDGE,
  ];
  const scale = Math.min(width / (right - left), height / (high - low));
  const x = (inches: number) => (inches - left) * scale;
  const y = (inches: number) => (high - inches) * scale;
  const place = ([across = 0, up = 0]: number[]) => `${x(across)},${y(up)}`;
  const shape = (className: string, own?: string) => (outline: number[][], i: number) => (
    <polygon key={i} points={outline.map(place).join(" ")} className={className} fill={own} />
  );
  const [at = 0, up = 0] = scene.label.at;
  return (
    <svg
      role="img"
      aria-label={label}
      width={(right - left) * scale}
      height={(high - low) * scale}
      viewBox={`0 0 ${(right - left) * scale} ${(high - low) * scale}`}
      className="block h-auto max-w-full overflow-visible"
    >
      {scene.fabric.map(shape("stroke-ink stroke-[1.2]", fill))}
      {/* Seen on light fabric and on dark. */}
      {scene.pieces.map(shape("fill-none stroke-white/70 stroke-3"))}
      {scene.pieces.map(shape("fill-none stroke-[#15222b] stroke-1"))}
      {scene.bodies.map(shape("fill-brass/26 stroke-brass-deep stroke-[1.6]"))}
      {scene.lines.map(({ from, to, weight }, i) => (
        <polyline key={i} points={`${place(from)} ${place(to)}`} className={LINES[weight] ?? LINES.fine} />
      ))}
      {scene.lit.map(({ from, to }, i) => (
        <polyline
          key={i}
          points={`${place(from)} ${place(to)}`}
          className="fill-none stroke-brass stroke-[4] [stroke-linecap:round]"
        />
      ))}
      <text
        x={x(at)}
        y={y(up)}
        className="fill-ink stroke-panel stroke-[3px] figure text-lg [dominant-baseline:middle] [paint-order:stroke] [text-anchor:middle]"
      >
        {drawn(scene.label.text)}
      </text>
    </svg>
  );
}
