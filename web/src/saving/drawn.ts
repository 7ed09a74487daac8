import type { Block, BlockGiven } from "../api/client";

type Cells = Block["picture"]["cells"];
type Cell = Cells[number][number];
/** What stands of a block where another drawing of it differs: cells by their row and column, or all of them where their number does. */
export type Drawn = {
  cells?: Cells;
  some?: [row: number, column: number, cell: Cell][];
  finished?: Block["picture"]["finished"];
  pieces?: Block["pieces"];
  lines?: Block["lines"];
};
/** What is drawn of a block. */
export type Drawing = { cells: Cells; finished: Block["picture"]["finished"] } & Pick<Block, "pieces"> & {
    lines: Block["lines"];
  };

/** What one drawing says where the other says something else: a stroke is a few cells, not the whole block. */
export function drawnOf(one: Drawing, other: Drawing): Drawn {
  const drawn: Drawn = {};
  if (!alike(one.cells, other.cells)) Object.assign(drawn, cellsOf(one.cells, other.cells));
  if (!alike(one.finished, other.finished)) drawn.finished = one.finished;
  if (!alike(one.pieces, other.pieces)) drawn.pieces = one.pieces;
  if (!alike(one.lines, other.lines)) drawn.lines = one.lines ?? null;
  return drawn;
}

/** A block with what was drawn otherwise, as it is saved. */
export function drawnOver(block: Block | undefined, { cells, some, finished, pieces, lines }: Drawn) {
  const before = block?.picture;
  const given: Partial<BlockGiven> = {};
  if (before && (cells || some || finished !== undefined))
    given.picture = {
      cells: cells ?? together(before.cells, some ?? []),
      finished: finished ?? before.finished,
    };
  if (pieces) given.pieces = pieces;
  if (lines !== undefined) given.lines = lines;
  return given;
}

function cellsOf(one: Cells, other: Cells): Drawn {
  if (one.length !== other.length || one[0]?.length !== other[0]?.length) return { cells: one };
  const some = one.flatMap((row, r) =>
    row.flatMap((cell, c): [number, number, Cell][] => (alike(cell, other[r]?.[c]) ? [] : [[r, c, cell]])),
  );
  return { some };
}

function together(cells: Cells, some: NonNullable<Drawn["some"]>): Cells {
  const rows = cells.map((row) => [...row]);
  some.forEach(([r, c, cell]) => rows[r]?.splice(c, 1, cell));
  return rows;
}

function alike(one: unknown, other: unknown): boolean {
  return JSON.stringify(one ?? null) === JSON.stringify(other ?? null);
}
