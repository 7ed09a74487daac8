import { LINES } from "../../drawing/lines";
import type { Question } from "../../api/client";

/** What a question is about, where there is something to see. */
export function Picture({ question }: { question: Question }) {
  if (question.ruler) return <RulerPiece {...question.ruler} />;
  return question.patches ? <Hand patches={question.patches} /> : null;
}

const SCALE = 150;
const HIGH = 92;
const EIGHTHS = 8;

type RulerProps = NonNullable<Question["ruler"]>;

/** A few inches of a ruler, one line lit. No number stands beside it but those of the heavy lines. */
function RulerPiece({ from, to, lit, main_at: mainAt }: RulerProps) {
  const lines = Array.from({ length: Math.round((to - from) * EIGHTHS) + 1 }, (_, i) => from + i / EIGHTHS);
  const heavy = (line: number) => Number.isInteger(line - mainAt);
  const depth = (line: number) => (heavy(line) ? HIGH - 26 : Number.isInteger(line * 2) ? 44 : 28);
  const x = (line: number) => (line - from) * SCALE + 14;
  return (
    <svg
      width={(to - from) * SCALE + 28}
      height={HIGH}
      role="img"
      aria-label="A ruler, one line lit"
      className="block max-w-full overflow-visible"
    >
      <rect width="100%" height={HIGH} className="fill-glass stroke-ink stroke-[1.3]" />
      {lines.map((line) => (
        <line
          key={line}
          x1={x(line)}
          x2={x(line)}
          y1="0"
          y2={depth(line)}
          className={LINES[heavy(line) ? "main" : "fine"]}
        />
      ))}
      {lines.filter(Number.isInteger).map((line) => (
        <text
          key={line}
          x={x(line)}
          y={HIGH - 8}
          className="fill-ink stroke-panel stroke-[3px] figure text-lg text-xs [dominant-baseline:middle] [paint-order:stroke] [text-anchor:middle]"
        >
          {line}
        </text>
      ))}
      <line
        x1={x(lit)}
        x2={x(lit)}
        y1="0"
        y2={depth(lit)}
        className="fill-none stroke-madder stroke-[3.5] [stroke-linecap:round]"
      />
      <path d={`M${x(lit)} ${depth(lit) + 3} l-7 11 h14 z`} className="fill-madder" />
    </svg>
  );
}

const SIDE = 170;

/** A three-triangle unit; the fabric called left is dotted. */
function Hand({ patches }: { patches: NonNullable<Question["patches"]> }) {
  return (
    <svg width={SIDE + 2} height={SIDE + 2} role="img" aria-label="A unit of three triangles">
      <defs>
        <pattern id="practice-dots" width="14" height="14" patternUnits="userSpaceOnUse">
          <rect width="14" height="14" fill="var(--panel)" />
          <circle cx="5" cy="5" r="3" fill="var(--chalk)" />
        </pattern>
      </defs>
      {patches.map(({ role, outline }) => (
        <polygon
          key={role}
          points={outline.map(([x = 0, y = 0]) => `${x * SIDE + 1},${(1 - y) * SIDE + 1}`).join(" ")}
          className="stroke-ink stroke-1 [stroke-linejoin:round]"
          fill={
            role === "left" ? "url(#practice-dots)" : role === "half" ? "var(--oak)" : "var(--ground-deep)"
          }
        />
      ))}
    </svg>
  );
}
