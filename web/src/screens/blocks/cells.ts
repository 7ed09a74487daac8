import type { Cell } from "../../api/client";

/** A block as it is drawn here: rows of cells. What units it comes to is the core's to say. */
export type Cells = Cell[][];
export type Cut = Cell["cut"];

/** The four quarters of each way of cutting a cell, by which of its fabrics they are: top, right, bottom, left. */
const QUARTERS: Record<Cut, number[]> = {
  whole: [0, 0, 0, 0],
  rising: [0, 1, 1, 0],
  falling: [0, 0, 1, 1],
  quartered: [0, 1, 2, 3],
};
export const CUTS = Object.keys(QUARTERS) as Cut[];

/** The fabrics of a cell's top, right, bottom and left. */
export function quarters(cell: Cell): string[] {
  return QUARTERS[cell.cut].map((place) => cell.fabrics[place] ?? "");
}

/** A cell of four quarters, cut no more than it has to be. */
export function cellOf([top = "", right = "", bottom = "", left = ""]: string[]): Cell {
  if (top === right && bottom === left)
    return top === bottom ? { cut: "whole", fabrics: [top] } : { cut: "falling", fabrics: [top, bottom] };
  if (top === left && right === bottom) return { cut: "rising", fabrics: [top, right] };
  return { cut: "quartered", fabrics: [top, right, bottom, left] };
}

/** A cell cut one way, of two fabrics. */
export function cutCell(cut: Cut, first: string, second: string): Cell {
  const pair = [first, second];
  return { cut, fabrics: cut === "whole" ? [first] : cut === "quartered" ? [...pair, ...pair] : pair };
}

export function plainCells(columns: number, rows: number, fabric: string): Cells {
  return Array.from({ length: rows }, () =>
    Array.from({ length: columns }, () => cutCell("whole", fabric, fabric)),
  );
}

/** The same cells with others set down on them, as far as they reach. */
export function stamped(cells: Cells, column: number, row: number, stamp: Cells): Cells {
  return cells.map((line, y) => {
    const over = y >= row ? stamp[y - row] : undefined;
    return over ? line.map((cell, x) => (x >= column ? (over[x - column] ?? cell) : cell)) : line;
  });
}

/** A stamp of numbered fabrics in the fabrics that are chosen. */
export function stampOf(cells: number[][][], chosen: string[]): Cells {
  return cells.map((line) =>
    line.map((fabrics) => cellOf(fabrics.map((number) => chosen[number] ?? chosen[0] ?? ""))),
  );
}

/** A quarter turn clockwise. */
export function turned(cells: Cells): Cells {
  return (cells[0] ?? []).map((_, column) =>
    cells
      .map((line) => line[column])
      .reverse()
      .map((cell) => {
        const [top, right, bottom, left] = cell ? quarters(cell) : [];
        return cellOf([left, top, right, bottom].map((name) => name ?? ""));
      }),
  );
}

/** Left for right. */
export function mirrored(cells: Cells): Cells {
  return cells.map((line) =>
    [...line].reverse().map((cell) => {
      const [top, right, bottom, left] = quarters(cell);
      return cellOf([top, left, bottom, right].map((name) => name ?? ""));
    }),
  );
}

/** The upper left quarter three times over, turned round the middle. */
export function fourRound(cells: Cells): Cells {
  const half = Math.floor(cells.length / 2);
  const first = cells.slice(0, half).map((line) => line.slice(0, half));
  const [second, third, fourth] = [turned(first), turned(turned(first)), turned(turned(turned(first)))];
  return [
    ...first.map((line, y) => [...line, ...(second[y] ?? [])]),
    ...fourth.map((line, y) => [...line, ...(third[y] ?? [])]),
  ];
}

/** Whether its quarters are squares that its columns and rows part it into, each like the first when it is turned. */
export function canGoRound(cells: Cells, { columns, rows }: { columns: number[]; rows: number[] }): boolean {
  const half = cells.length / 2;
  const alike = String(columns) === String(rows) && String(columns) === String(columns.toReversed());
  const parted = columns.some((_, i) => columns.slice(0, i).reduce((all, one) => all + one, 0) === half);
  return cells.length === cells[0]?.length && alike && parted;
}

/** Two fabrics for one another, everywhere. */
export function swapped(cells: Cells, one: string, other: string): Cells {
  const swap = (name: string) => (name === one ? other : name === other ? one : name);
  return cells.map((line) => line.map((cell) => ({ ...cell, fabrics: cell.fabrics.map(swap) })));
}

/** Each patch of a cell as corners on a square of side 1, with its fabric. */
export function patches(cell: Cell): { fabric: string; corners: [number, number][] }[] {
  const [first = "", second = "", third = "", fourth = ""] = cell.fabrics;
  switch (cell.cut) {
    case "whole":
      return [{ fabric: first, corners: [[0, 0], [1, 0], [1, 1], [0, 1]] }]; // prettier-ignore
    case "rising":
      return [
        { fabric: first, corners: [[0, 0], [1, 0], [0, 1]] }, // prettier-ignore
        { fabric: second, corners: [[1, 0], [1, 1], [0, 1]] }, // prettier-ignore
      ];
    case "falling":
      return [
        { fabric: first, corners: [[0, 0], [1, 0], [1, 1]] }, // prettier-ignore
        { fabric: second, corners: [[0, 0], [1, 1], [0, 1]] }, // prettier-ignore
      ];
    default:
      return [
        { fabric: first, corners: [[0, 0], [1, 0], [0.5, 0.5]] }, // prettier-ignore
        { fabric: second, corners: [[1, 0], [1, 1], [0.5, 0.5]] }, // prettier-ignore
        { fabric: third, corners: [[1, 1], [0, 1], [0.5, 0.5]] }, // prettier-ignore
        { fabric: fourth, corners: [[0, 1], [0, 0], [0.5, 0.5]] }, // prettier-ignore
      ];
  }
}
