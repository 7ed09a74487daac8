import { memo } from "react";

import type { BeamRow as Row } from "../../api/client";
import { Fraction } from "../../parts/Fraction";
import { PrintedNumber } from "../../parts/Sizes";

/** Where on the beam so many inches stand, in pixels. */
export type Place = (inches: number) => number;

type Props = {
  row: Row;
  /** Whether the tool has other rows too, so that it must be said which of its sides this is. */
  oneOfMany: boolean;
  place: Place;
  fence: number;
};

/** What a side of a tool is called by the patch it makes. */
export const SIDES: Record<string, string> = { half_square: "HST", quarter_square: "QST" };
const READS: Record<string, string> = {
  finished: "finished sizes",
  strip: "strip widths",
  cut: "cut sizes",
  unfinished: "unfinished sizes",
  letter: "letters",
  cell: "cell sizes",
};

/** One side of one tool: its marks on the beam's scale, and what it says at the fence. */
export function BeamRow({ row, oneOfMany, place, fence }: Props) {
  const side = SIDES[row.side ?? ""];
  const reads = row.role ? `${row.reads}, ${row.role}` : (READS[row.reads] ?? row.reads);
  return (
    <div className="beam-row">
      <div className="beam-row-name">
        <span title={row.name}>{row.name}</span>
        <span className="quiet truncate">{oneOfMany && side ? `${side}, ${row.reads}` : reads}</span>
      </div>
      <div className="relative h-5.5">
        <Marks marks={row.marks} place={place} />
        {row.locked !== null && (
          <span className="lock" style={{ "--fence": `${fence}px` } as React.CSSProperties}>
            <span className="sr-only">
              {row.name}
              {side && `, ${side} side`}: printed{" "}
            </span>
            <PrintedNumber printed={row.locked} reads={row.reads} />
          </span>
        )}
      </div>
      <div className="text-right text-md text-quiet">{row.locked === null && <Gaps gaps={row.gaps} />}</div>
    </div>
  );
}

/** They stay where they are while the fence moves. */
const Marks = memo(function Marks({ marks, place }: { marks: Row["marks"]; place: Place }) {
  return (
    <svg width="100%" height="22" aria-hidden="true">
      {marks.map((mark) => (
        <line
          key={mark.at}
          x1={place(mark.at)}
          x2={place(mark.at)}
          y1={mark.main ? 2 : 7}
          y2={mark.main ? 21 : 16}
          className={mark.main ? "mark mark-main" : "mark"}
        />
      ))}
    </svg>
  );
});

function Gaps({ gaps }: { gaps: string[] }) {
  if (gaps.length === 0) return <span className="quiet">no mark</span>;
  return (
    <span>
      <span className="sr-only">No mark here; the nearest: </span>
      {gaps.map((gap) => (
        <Gap key={gap} gap={gap} />
      ))}
    </span>
  );
}

function Gap({ gap }: { gap: string }) {
  const below = gap.startsWith("-");
  return (
    <span className="ml-2.5">
      {below && <span aria-hidden="true">◂ </span>}
      <Fraction length={gap.replace("-", "")} />
      <span className="sr-only">{below ? " below, " : " above"}</span>
      {!below && <span aria-hidden="true"> ▸</span>}
    </span>
  );
}
