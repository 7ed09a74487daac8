import { type KeyboardEvent, memo, type MouseEvent, useState } from "react";

import type { Cell, Block, Fabric } from "../../api/client";
import { fillOf } from "../../drawing/Weaves";
import { Turns } from "../../parts/head/Turns";
import { Hint } from "../../parts/Hint";
import { ON_CELLS, onCells } from "../../parts/keys";
import { useListed } from "../../parts/useKeys";
import { canGoRound, CUTS, type Cut, cutCell, fourRound, mirrored, stamped, swapped, turned } from "./cells";
import { CellRows } from "./CellRows";
import { GridForm } from "./GridForm";
import { filling, fitted, mirroredLines, type Lines, type Spot, spot, turnedLines } from "./lines";
import { Stamps, type Stamping } from "./Stamps";
import type { Working } from "./useBlock";

const SIZE = 520;
const SIGNS: Record<Cut, { sign: string; says: string }> = {
  whole: { sign: "■", says: "Whole" },
  rising: { sign: "╱", says: "Rising" },
  falling: { sign: "╲", says: "Falling" },
  quartered: { sign: "╳", says: "Quartered" },
};
const STEPS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

type Props = {
  working: Working;
  fabrics: Fabric[];
  /** Other blocks, to be used as parts. */ others: Block[];
};

/** The block's cells: each is cut by a key or a tap, of the two fabrics that are chosen, as fast as they are read off a picture. */
export function Editor({ working, fabrics, others }: Props) {
  const { cells, lines, change } = working;
  const [cut, setCut] = useState<Cut>("rising");
  const [chosen, setChosen] = useState<[string, string, string]>(() => {
    const named = (place: number) => String((fabrics[place] ?? fabrics[0])?.id ?? "");
    return [named(0), named(1), named(2)];
  });
  const [stamp, setStamp] = useState<Stamping | null>(null);
  const [[column, row], setCursor] = useState<[number, number]>([0, 0]);
  const [refused, setRefused] = useState("");
  useListed(ON_CELLS);
  const columns = lines.columns.length;
  const wide = cells[0]?.length ?? 1;
  const side = SIZE / Math.max(wide, cells.length);

  const goTo = (x: number, y: number) =>
    setCursor([Math.min(Math.max(x, 0), columns - 1), Math.min(Math.max(y, 0), lines.rows.length - 1)]);
  const place = (x: number, y: number, how: Cut) => {
    const where = spot(lines, x, y);
    const filled = filling(cutCell(how, chosen[0], chosen[1]), where);
    setRefused(
      filled ? "" : `${SIGNS[how].says} needs a square: this place is ${where.wide} by ${where.high}.`,
    );
    if (filled) change({ cells: stamped(cells, where.x, where.y, filled), pieces: [] });
  };
  // On to the next cell, line by line, as one reads.
  const write = (how: Cut) => {
    setCut(how);
    place(column, row, how);
    if (column + 1 < columns) goTo(column + 1, row);
    else goTo(0, row + 1);
  };
  const choose = (name: string) => {
    const [first, second] = chosen.filter((one) => one !== name);
    setChosen([name, first ?? name, second ?? name]);
  };
  const setDown = (x: number, y: number) => {
    if (!stamp) return place(x, y, cut);
    const where = spot(lines, x, y);
    const room = { wide: wide - where.x, high: cells.length - where.y };
    change({ cells: stamped(cells, where.x, where.y, fitted(stamp.cells(chosen), where, room)), pieces: [] });
  };
  const press = (event: KeyboardEvent) => {
    const step = STEPS[event.key];
    const action = onCells(event.key);
    const how = CUTS.find((one) => one === action);
    const fabric = fabrics[Number(event.key) - 1];
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    if (step) goTo(column + step[0], row + step[1]);
    else if (how) write(how);
    else if (action === "again" && stamp) setDown(column, row);
    else if (action === "again") write(cut);
    else if (action === "swap") setChosen([chosen[1], chosen[0], chosen[2]]);
    else if (action === "turn" && stamp) setStamp(stamp.turned());
    else if (action === "mirror" && stamp) setStamp(stamp.mirrored());
    else if (action === "leave" && stamp) setStamp(null);
    else if (fabric) choose(String(fabric.id));
    else return;
    event.preventDefault();
    event.stopPropagation();
  };

  const tap = ({ target }: MouseEvent) => {
    const place = target instanceof SVGElement ? target.dataset.cell?.split(",").map(Number) : undefined;
    const [x, y] = place ?? [];
    if (x === undefined || y === undefined) return;
    goTo(x, y);
    setDown(x, y);
  };
  const at = spot(lines, column, row);
  return (
    <section
      className="flex max-w-full flex-[0_1_772px] flex-wrap items-start gap-x-5 gap-y-3"
      aria-label="The block, cell by cell"
    >
      <div
        role="toolbar"
        aria-label="Tools of the block"
        className="flex w-full flex-wrap items-center gap-x-4 gap-y-2"
      >
        <div role="radiogroup" aria-label="How a cell is cut" className="flex gap-1.5">
          {CUTS.map((one) => (
            <Hint key={one} text={SIGNS[one].says} action={one}>
              <button
                type="button"
                role="radio"
                aria-checked={cut === one && !stamp}
                aria-label={SIGNS[one].says}
                className="h-11.5 w-13 rounded-sm border-[1.5px] border-quiet bg-panel text-3xl aria-checked:border-brass-deep aria-checked:shadow-chosen"
                onClick={() => {
                  setStamp(null);
                  setCut(one);
                }}
              >
                {SIGNS[one].sign}
              </button>
            </Hint>
          ))}
        </div>
        <div className="flex flex-wrap gap-1.5">
          <button
            type="button"
            className="button"
            onClick={() => change({ cells: turned(cells), lines: turnedLines(lines), pieces: [] })}
          >
            Turn
          </button>
          <button
            type="button"
            className="button"
            onClick={() => change({ cells: mirrored(cells), lines: mirroredLines(lines), pieces: [] })}
          >
            Mirror
          </button>
          <button
            type="button"
            className="button"
            disabled={!canGoRound(cells, lines)}
            onClick={() => change({ cells: fourRound(cells), pieces: [] })}
          >
            Quarter round
          </button>
          <button
            type="button"
            className="button"
            onClick={() => change({ cells: swapped(cells, chosen[0], chosen[1]), pieces: [] })}
          >
            Swap fabrics
          </button>
        </div>
        <Turns />
      </div>
      <svg
        viewBox={`0 0 ${wide * side} ${cells.length * side}`}
        style={{ width: wide * side }}
        className="group block max-w-full cursor-crosshair touch-manipulation"
        tabIndex={0}
        role="application"
        aria-label={`Cells: ${said(at, cells, fabrics)}`}
        onKeyDown={press}
        onClick={tap}
      >
        <CellRows cells={cells} fabrics={fabrics} side={side} />
        <Places lines={lines} side={side} />
        <rect
          {...box(at, side)}
          className="pointer-events-none fill-none stroke-brass stroke-4 group-not-focus:[stroke-opacity:0.45]"
        />
      </svg>
      <span className="sr-only" aria-live="polite">
        {said(at, cells, fabrics)}
      </span>
      <div className="grid w-57 content-start gap-2 max-tablet:w-full">
        <p className="quiet text-sm">
          Tap a fabric to cut from it first; the one before it becomes the second. Keys 1 to 9; S swaps the
          first two; Space cuts the next cell.
        </p>
        <ul>
          {fabrics.map((fabric, i) => {
            const name = String(fabric.id);
            const stands = chosen.indexOf(name);
            return (
              <li key={fabric.id}>
                <button
                  type="button"
                  className="flex min-h-10 w-full items-center gap-2 rounded-sm px-1.5 py-0.5 text-left aria-pressed:bg-ground-deep"
                  aria-pressed={stands >= 0}
                  onClick={() => choose(name)}
                >
                  <svg width="26" height="26" aria-hidden="true" className="swatch">
                    <rect width="26" height="26" fill={fillOf(fabric)} />
                  </svg>
                  <span>
                    {i < 9 && <kbd className="mr-1 ml-0">{i + 1}</kbd>} {fabric.name}
                    {stands >= 0 && <b> · {["first", "second", "third"][stands]}</b>}
                  </span>
                </button>
              </li>
            );
          })}
        </ul>
        <Stamps
          stamp={stamp}
          chosen={chosen}
          fabrics={fabrics}
          others={others}
          columns={wide}
          rows={cells.length}
          onChoose={setStamp}
        />
        {refused && (
          <p role="alert" className="field-error">
            {refused}
          </p>
        )}
        <GridForm
          cells={cells}
          lines={lines}
          plain={chosen[0]}
          onChange={(what) => {
            setCursor([0, 0]);
            change({ ...what, pieces: [] });
          }}
        />
      </div>
    </section>
  );
}

/** A cell as it is read aloud: where it is, how it is cut, and of which fabrics. */
function said({ x, y }: { x: number; y: number }, cells: Cell[][], fabrics: Fabric[]): string {
  const cell = cells[y]?.[x];
  const names = (cell?.fabrics ?? []).map((id) => fabrics.find((one) => String(one.id) === id)?.name);
  return `row ${y + 1}, column ${x + 1}, ${cell?.cut ?? ""}: ${names.filter(Boolean).join(", ")}`;
}

/** Where a tap or a key cuts. */
const Places = memo(function Places({ lines, side }: { lines: Lines; side: number }) {
  return lines.rows.flatMap((_, y) =>
    lines.columns.map((_, x) => (
      <rect
        key={`${x}/${y}`}
        {...box(spot(lines, x, y), side)}
        className="[pointer-events:all] fill-none stroke-ink stroke-[0.6] [stroke-opacity:0.35]"
        data-cell={`${x},${y}`}
      />
    )),
  );
});

function box({ x, y, wide, high }: Spot, side: number) {
  return { x: x * side, y: y * side, width: wide * side, height: high * side };
}
