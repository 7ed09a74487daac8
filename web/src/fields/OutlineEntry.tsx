import { useMutation } from "@tanstack/react-query";
import { useContext, useState } from "react";

import { api, type ApiError, type Field } from "../api/client";
import { EntryField } from "../parts/EntryField";
import { FileButton } from "../parts/FileButton";
import { MeasureContext } from "../parts/measures";
import { type Draft, readAs, writtenAs } from "./written";

type Props = {
  field: Field;
  value: Draft;
  at: string;
  error: ApiError | null;
  onChange: (value: Draft) => void;
};

const STEP = 26;
const CELLS = 12;

/** An outline: drawn on a grid by mouse or keys, read from an SVG, or typed corner by corner. */
export function OutlineEntry({ field, value, at, error, onChange }: Props) {
  const measure = useContext(MeasureContext);
  const under = error?.faults.find(({ pointer }) => pointer.startsWith(at))?.message;
  return (
    <fieldset className="entry-group col-span-full">
      <legend>{field.label}</legend>
      <Grid value={value} onChange={onChange} unit={measure === "cm" ? "cm" : ""} />
      <FromSvg onRead={onChange} />
      <EntryField
        id={`field${at.replaceAll("/", "-")}`}
        label={field.label}
        value={writtenAs(field, value)}
        error={under}
        onEnter={(text) => onChange(text === "" ? undefined : readAs(field, text, measure))}
      />
    </fieldset>
  );
}

type GridProps = { value: Draft; onChange: (value: Draft) => void; unit: string };

/** A grid of halves: a click or Enter sets the next corner, the same place again takes it off. */
function Grid({ value, onChange, unit }: GridProps) {
  const [at, setAt] = useState<[number, number]>([0, 0]);
  // Corners in the order they were set; they are told counter-clockwise, whichever way round she went.
  const [drawn, setDrawn] = useState<number[][]>([]);
  const told = onGrid(value);
  const corners = alike(drawn, told) ? drawn : told;
  const toggle = ([x, y]: [number, number]) => {
    const there = corners.findIndex(([a, b]) => a === x && b === y);
    const next = there >= 0 ? corners.filter((_, i) => i !== there) : [...corners, [x, y]];
    setDrawn(next);
    const round = clockwise(next) ? next.toReversed() : next;
    onChange(round.length ? round.map(([a = 0, b = 0]) => [halved(a) + unit, halved(b) + unit]) : undefined);
  };
  const move = (event: React.KeyboardEvent) => {
    const way = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
    if (way) {
      event.preventDefault();
      const inside = (one: number) => Math.max(0, Math.min(CELLS * 2, one));
      setAt(([x, y]) => [inside(x + (way[0] ?? 0)), inside(y + (way[1] ?? 0))]);
    } else if (event.key === "Enter" || event.key === " ") {
      event.preventDefault();
      toggle(at);
    }
  };
  const side = CELLS * STEP;
  const place = ([x = 0, y = 0]: number[]) => [(x * STEP) / 2 + 8, side - (y * STEP) / 2 + 8] as const;
  return (
    <svg
      width={side + 16}
      height={side + 16}
      className="max-w-full cursor-crosshair touch-manipulation bg-panel"
      tabIndex={0}
      role="application"
      aria-label={`Outline on a grid, ${corners.length} corners. Arrow keys go by a half, Enter sets a corner.`}
      onKeyDown={move}
      onClick={(event) => {
        const box = event.currentTarget.getBoundingClientRect();
        const half = (pixels: number) => Math.max(0, Math.min(CELLS * 2, Math.round((pixels * 2) / STEP)));
        const next: [number, number] = [
          half(event.clientX - box.left - 8),
          half(side + 8 - (event.clientY - box.top)),
        ];
        setAt(next);
        toggle(next);
      }}
    >
      {Array.from({ length: CELLS + 1 }, (_, i) => (
        <g key={i} className="stroke-rule">
          <line x1={i * STEP + 8} x2={i * STEP + 8} y1="8" y2={side + 8} />
          <line y1={i * STEP + 8} y2={i * STEP + 8} x1="8" x2={side + 8} />
        </g>
      ))}
      <polygon
        points={corners.map((corner) => place(corner).join(",")).join(" ")}
        className="fill-brass/26 stroke-brass-deep stroke-[1.6]"
      />
      {corners.map((corner) => {
        const [x, y] = place(corner);
        return <circle key={`${x}/${y}`} cx={x} cy={y} r="4" className="fill-ink" />;
      })}
      <circle cx={place(at)[0]} cy={place(at)[1]} r="7" className="fill-none stroke-brass stroke-[2.5]" />
    </svg>
  );
}

function alike(some: number[][], others: number[][]): boolean {
  const sorted = (list: number[][]) => list.map(String).toSorted().join(" ");
  return sorted(some) === sorted(others);
}

/** By the sign of its area, as the shoelace goes. */
function clockwise(corners: number[][]): boolean {
  const twice = corners.reduce((sum, [x = 0, y = 0], i) => {
    const [a = 0, b = 0] = corners[(i + 1) % corners.length] ?? [];
    return sum + x * b - a * y;
  }, 0);
  return twice < 0;
}

/** Corners in halves; those that lie on no half are only typed. */
function onGrid(value: Draft): number[][] {
  if (!Array.isArray(value)) return [];
  const read = value.map((corner) => (corner as string[]).map(halves));
  return read.every((corner) => corner.length === 2 && corner.every((one) => Number.isInteger(one)))
    ? read
    : [];
}

function halves(text: string): number {
  const [, whole = "", half = ""] = /^(\d+)?\s*(1\/2)?\s*(?:cm)?$/.exec(text.trim()) ?? [];
  const decimal = /^\d+(\.[05])?(cm)?$/.test(text.trim()) ? parseFloat(text) * 2 : NaN;
  return whole || half ? Number(whole || 0) * 2 + (half ? 1 : 0) : decimal;
}

function halved(half: number): string {
  const whole = Math.floor(half / 2);
  if (half % 2 === 0) return String(whole);
  return whole === 0 ? "1/2" : `${whole} 1/2`;
}

/** An outline out of a file that some editor has drawn. */
function FromSvg({ onRead }: { onRead: (outline: string[][]) => void }) {
  const reading = useMutation({
    mutationFn: async (file: File) => {
      const read = await api.readOutline(await file.text());
      onRead(read.outline);
      return read.left_aside;
    },
  });
  return (
    <div>
      <FileButton
        label="An SVG to read the outline from"
        accept=".svg,image/svg+xml"
        onChoose={(file) => reading.mutate(file)}
      >
        Read from an SVG
      </FileButton>
      {reading.error && (
        <p role="alert" className="field-error">
          {(reading.error as ApiError).faults[0]?.message ?? reading.error.message}
        </p>
      )}
      {reading.data && (
        <p role="status" className="quiet">
          Read in inches{reading.data.length > 0 && `; left aside: ${reading.data.join(", ")}`}.
        </p>
      )}
    </div>
  );
}
