import { Slider } from "radix-ui";
import { useLayoutEffect, useRef, useState } from "react";

import type { Beam as BeamScale } from "../../api/client";
import { FinishedSize } from "../../parts/Sizes";
import { spoken } from "../../parts/lengths";
import { BeamRow } from "./BeamRow";

type Props = { beam: BeamScale; finished: string; onSlide: (finished: string) => void };

/** Inset of the scale from the beam's ends, in pixels, so that the first and last numeral fit. */
const INSET = 16;

/** The oak beam with the scale of finished sizes, the brass fence on it, and the tools' marks beneath. */
export function Beam({ beam, finished, onSlide }: Props) {
  const [box, width] = useWidth();
  const last = beam.stops.length - 1;
  const along = Math.max(1, width - 2 * INSET);
  const place = (inches: number) => INSET + ((inches - beam.from) / (beam.to - beam.from)) * along;
  const stop = beam.stops.indexOf(finished);
  const standing = stop >= 0 ? stop : ((beam.at - beam.from) / (beam.to - beam.from)) * last;
  const fence = INSET + (standing / last) * along;

  return (
    <section className="beam-block" aria-label="Finished sizes and the marks on your tools">
      <div className="beam-label">
        <span>{beam.measure}</span>
        <FinishedSize length={finished} className="large" />
      </div>
      <div className="beam" ref={box}>
        <svg width="100%" height="52" aria-hidden="true">
          <Scale beam={beam} place={place} />
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
            aria-label={`Fence: ${beam.measure.toLowerCase()}`}
            aria-valuetext={spoken(finished)}
          />
        </Slider.Root>
      </div>
      <div className="beam-rows">
        {beam.rows.map((row) => (
          <BeamRow
            key={`${row.tool}/${row.side}`}
            row={row}
            oneOfMany={beam.rows.filter((other) => other.tool === row.tool).length > 1}
            place={place}
            fence={fence}
          />
        ))}
        {beam.rows.length === 0 && (
          <p className="quiet beam-empty">
            No tool in the drawer has a mark for this unit. Add a ruler first.
          </p>
        )}
        <span
          className="fence-line"
          style={{ "--fence": `${fence}px` } as React.CSSProperties}
          aria-hidden="true"
        />
      </div>
    </section>
  );
}

function Scale({ beam, place }: { beam: BeamScale; place: (inches: number) => number }) {
  return beam.stops.map((stop, i) => {
    const at = place(beam.from + ((beam.to - beam.from) * i) / (beam.stops.length - 1));
    const whole = /^\d+$/.test(stop);
    const half = stop.endsWith("1/2");
    return (
      <g key={stop}>
        <line
          x1={at}
          x2={at}
          y1="0"
          y2={whole ? 20 : half ? 15 : 9}
          className={whole ? "tick tick-whole" : "tick"}
        />
        {whole && (
          <text x={at} y="42" className="beam-number">
            {stop}
          </text>
        )}
      </g>
    );
  });
}

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
