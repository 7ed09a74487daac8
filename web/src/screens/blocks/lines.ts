import { type Cells, cellOf, cutCell, quarters } from "./cells";

/** How wide each column of a block is, and how high each row, in cells. */
export type Lines = { columns: number[]; rows: number[] };
/** A place between those lines, in cells. */
export type Spot = { x: number; y: number; wide: number; high: number };

export const MOST = 24;

export function eachCell(cells: Cells): Lines {
  return { columns: (cells[0] ?? []).map(() => 1), rows: cells.map(() => 1) };
}

/** Of columns or rows their widths: a number of them ("4"), or how wide each is beside the others ("1 2 1"). */
export function widths(text: string): number[] | null {
  const numbers = text
    .trim()
    .split(/[\s,]+/)
    .map(Number);
  const [only = 0] = numbers;
  const sides = numbers.length === 1 ? Array.from({ length: within(only) ? only : 0 }, () => 1) : numbers;
  return sides.length > 0 && sides.every(within) && within(sum(sides)) ? sides : null;
}

function within(number: number): boolean {
  return Number.isInteger(number) && number >= 1 && number <= MOST;
}

/** As it is typed in. */
export function told(sides: number[]): string {
  return sides.every((side) => side === 1) ? String(sides.length) : sides.join(" ");
}

export function sum(numbers: number[]): number {
  return numbers.reduce((all, one) => all + one, 0);
}

export function spot({ columns, rows }: Lines, column: number, row: number): Spot {
  return {
    x: sum(columns.slice(0, column)),
    y: sum(rows.slice(0, row)),
    wide: columns[column] ?? 1,
    high: rows[row] ?? 1,
  };
}

/** A quarter turn clockwise. */
export function turnedLines({ columns, rows }: Lines): Lines {
  return { columns: rows.toReversed(), rows: columns };
}

export function mirroredLines({ columns, rows }: Lines): Lines {
  return { columns: columns.toReversed(), rows };
}

/** Where the middle of each quarter of a cell is, from the cell's upper left corner. */
const MIDDLES = [[0.5, 1 / 6], [5 / 6, 0.5], [0.5, 5 / 6], [1 / 6, 0.5]] as const; // prettier-ignore

/** The same picture with each cell so many times as fine. */
export function scaled(cells: Cells, times: number): Cells {
  if (times === 1) return cells;
  return cells.flatMap((line) =>
    Array.from({ length: times }, (_, down) =>
      line.flatMap((cell) => {
        const fabrics = quarters(cell);
        return Array.from({ length: times }, (_, across) =>
          cellOf(MIDDLES.map(([x, y]) => fabrics[quarterAt((across + x) / times, (down + y) / times)] ?? "")),
        );
      }),
    ),
  );
}

/** In which quarter of a cell a point lies: 0 top, 1 right, 2 bottom, 3 left. */
function quarterAt(x: number, y: number): number {
  const [falling, rising] = [y < x, y < 1 - x];
  if (falling) return rising ? 0 : 1;
  return rising ? 3 : 2;
}

/** A cut of one cell as it fills a place; null where the place is no square and the cut runs from corner to corner. */
export function filling(cell: Cells[number][number], { wide, high }: Spot): Cells | null {
  if (cell.cut === "whole")
    return Array.from({ length: high }, () => Array.from({ length: wide }, () => cell));
  return wide === high ? scaled([[cell]], wide) : null;
}

/** A stamp at the size that fills a place; where none does, as large as the place is and the block has room for. */
export function fitted(stamp: Cells, place: Spot, room: { wide: number; high: number }): Cells {
  const [high, wide] = [stamp.length, stamp[0]?.length ?? 1];
  const times = place.wide / wide;
  if (Number.isInteger(times) && times * high === place.high) return scaled(stamp, times);
  const most = Math.min(place.wide, place.high, Math.floor(room.wide / wide), Math.floor(room.high / high));
  return scaled(stamp, Math.max(1, most));
}

/** The same block on other lines: finer where they are so many times as many, else longer by plain cells or shorter. */
export function onLines(cells: Cells, { columns, rows }: Lines, plain: string): Cells {
  const [wide, high] = [sum(columns), sum(rows)];
  const times = wide / (cells[0]?.length ?? 1);
  if (Number.isInteger(times) && times * cells.length === high) return scaled(cells, times);
  return Array.from({ length: high }, (_, y) =>
    Array.from({ length: wide }, (_, x) => cells[y]?.[x] ?? cutCell("whole", plain, plain)),
  );
}
