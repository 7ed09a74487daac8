import { Slider } from "radix-ui";
import { memo, useCallback, useLayoutEffect, useRef, useState, useMemo } from "react";

import { isPlace } from "../../parts/places";
import type { Beam as BeamScale, Fence, Interval } from "../../api/client";
import { FinishedSize } from "../../parts/Sizes";
import { spoken } from "../../parts/lengths";
import { formOf } from "../../parts/plural";
import { BeamRow, type Place } from "./BeamRow";
import { Ribbon } from "./Ribbon";

type Props = {
  beam: BeamScale;
  fence: Fence;
  finished: string;
  onSlide: (finished: string) => void;
  /** Which method is first at each size, as far as that is known. */
  turning: Interval[];
  methods: string[];
};

/** Inset of the scale from the beam's ends, in pixels, so that the first and last numeral fit. */
const INSET = 16;

/** The oak beam with the scale of finished sizes, the brass fence on it, and the tools' marks beneath. */
export function Beam({ beam, fence: standingAt, finished, onSlide, turning, methods }: Props) {
  const [box, width] = useWidth();
  const [all, setAll] = useState(false);
  const said = useMemo(() => atFence(beam, standingAt), [beam, standingAt]);
  const [shown] = useState(() => new Set(mattering(said).map(nameOf)));
  const rows = all ? said : said.filter((row) => shown.has(nameOf(row)));
  const away = said.filter((row) => !shown.has(nameOf(row)));
  const folded = all ? 0 : away.length;
  const marked = away.filter(({ locked }) => locked !== null).length;
  const last = beam.stops.length - 1;
  const along = Math.max(1, width - 2 * INSET);
  const { from, to } = beam;
  const place = useCallback(
    (inches: number) => INSET + ((inches - from) / (to - from)) * along,
    [from, to, along],
  );
  const stop = beam.stops.indexOf(finished);
  const standing =
    stop >= 0 ? stop : Math.max(0, ((standingAt.at - beam.from) / (beam.to - beam.from)) * last);
  const fence = INSET + (standing / last) * along;

  return (
    <section className="beam-block" aria-label="Finished sizes and the marks on your tools">
      <div className="flex items-center justify-between pr-4 font-semibold max-phone:flex-col max-phone:items-start max-phone:gap-0.5">
        <span>{beam.measure}</span>
        <FinishedSize length={finished} className="border-2 text-3xl" />
      </div>
      <div className="beam" ref={box}>
        <svg width="100%" height="52" aria-hidden="true">
          <Scale ticks={beam.ticks} place={place} />
        </svg>
        <Slider.Root
          className="fence-track"
          min={0}
          max={last}
          step={1}
          value={[standing]}
          onValueChange={([next = 0]) => onSlide(beam.stops[Math.round(next)] ?? finished)}
        >
          <Slider.Track className="fence-run" />
          <Slider.Thumb
            className="fence"
            ref={isPlace("fence")}
            aria-label={`Fence: ${beam.measure.toLowerCase()}`}
            aria-valuetext={spoken(finished)}
          />
        </Slider.Root>
      </div>
      <span className="col-start-1 self-center text-sm text-quiet">Which method is first</span>
      <div className="py-1">
        <Ribbon
          intervals={turning}
          methods={methods}
          place={place}
          to={to}
          now={standingAt.at}
          says={({ title, from: least, to: most }) =>
            `${title ?? ""} is first ${least === most ? `at ${spoken(String(least))}` : `from ${spoken(String(least))} to ${spoken(String(most))}`}`
          }
          onGo={({ from: least }) => onSlide(String(least))}
        />
      </div>
      <div className="self-center pl-2 text-right text-xs max-phone:col-span-full max-phone:pl-0 max-phone:text-left">
        {away.length > 0 && (
          <button
            type="button"
            className="link-button relative gap-0! whitespace-nowrap max-tablet:whitespace-normal"
            onClick={() => setAll(!all)}
          >
            {!all && marked > 0 && <b aria-hidden="true">• </b>}
            {all ? "Fewer tools" : `${folded} more ${formOf(folded, "tool", "tools")}`}
            {!all && marked > 0 && <span className="sr-only">, {marked} with a line here</span>}
          </button>
        )}
      </div>
      <div className="relative col-span-full grid">
        {rows.map((row) => (
          <BeamRow
            key={`${row.tool}/${row.side}`}
            row={row}
            oneOfMany={beam.rows.filter((other) => other.tool === row.tool).length > 1}
            place={place}
            fence={fence}
          />
        ))}
        {beam.rows.length === 0 ? (
          <p className="quiet py-2 pl-[var(--words)]">
            No tool in the drawer has a mark for this unit. Add a ruler first.
          </p>
        ) : (
          <span
            className="fence-line"
            style={{ "--fence": `${fence}px` } as React.CSSProperties}
            aria-hidden="true"
          />
        )}
      </div>
    </section>
  );
}

/** The rows of the beam with what each says at the fence; what it said elsewhere is nothing here. */
function atFence({ rows }: BeamScale, fence: Fence): BeamScale["rows"] {
  const here = new Map(fence.rows.map((row) => [nameOf(row), row]));
  return rows.map((row) => {
    const said = here.get(nameOf(row));
    return { ...row, locked: said?.locked ?? null, gaps: said?.gaps ?? [] };
  });
}

function nameOf({ tool, side, role }: Fence["rows"][number]): string {
  return [tool, side, role].join("/");
}

/** As many rows as leave room for the methods, and as few as make a beam. */
const SHOWN = 10;
const LEAST = 3;

/** The tools that have a line where the fence stands when the unit is opened; where few have, those too that come nearest. */
function mattering(rows: BeamScale["rows"]): BeamScale["rows"] {
  const worth = (row: BeamScale["rows"][number]) => (row.locked !== null ? 0 : row.gaps.length > 0 ? 1 : 2);
  const locked = rows.filter((row) => row.locked !== null).length;
  const many = Math.min(SHOWN, Math.max(LEAST, locked));
  const first = rows.toSorted((one, other) => worth(one) - worth(other)).slice(0, many);
  return rows.filter((row) => first.includes(row));
}

const Scale = memo(function Scale({ ticks, place }: { ticks: BeamScale["ticks"]; place: Place }) {
  return ticks.map(({ at, number, half }) => (
    <g key={at}>
      <line
        x1={place(at)}
        x2={place(at)}
        y1="0"
        y2={number ? 20 : half ? 15 : 9}
        className={number ? "tick tick-whole" : "tick"}
      />
      {number && (
        <text x={place(at)} y="42" className="beam-number">
          {number}
        </text>
      )}
    </g>
  ));
});

function useWidth(): [React.RefObject<HTMLDivElement | null>, number] {
  const box = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(900);
  useLayoutEffect(() => {
    const observer = new ResizeObserver(([entry]) => entry && setWidth(entry.contentRect.width));
    if (box.current) observer.observe(box.current);
    return () => observer.disconnect();
  }, []);
  return [box, width];
}
