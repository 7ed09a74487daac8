import { expect, it } from "vitest";

import type { Block } from "../api/client";
import { drawnOf, drawnOver, type Drawing } from "./drawn";

const cell = (fabric: string) => ({ cut: "whole" as const, fabrics: [fabric] });
const drawing = (cells: string[][]): Drawing => ({
  cells: cells.map((row) => row.map(cell)),
  finished: "6",
  pieces: [],
  lines: null,
});
const block = ({ cells, finished, pieces, lines }: Drawing): Block => ({
  id: 1,
  lock_version: 1,
  name: "Tide",
  picture: { cells, finished },
  pieces,
  lines,
});

it("a stroke is told by the cells that it changed, and gone back over by them", () => {
  const before = drawing([
    ["1", "1"],
    ["1", "1"],
  ]);
  const after = drawing([
    ["1", "2"],
    ["1", "1"],
  ]);
  const back = drawnOf(before, after);
  expect(back).toEqual({ some: [[0, 1, cell("1")]] });
  expect(drawnOver(block(after), back).picture).toEqual({ cells: before.cells, finished: "6" });
});

it("another number of cells is told whole, lines and pieces where they differ", () => {
  const before = { ...drawing([["1"]]), lines: { columns: [1], rows: [1] }, pieces: [{ kind: "square" }] };
  const after = drawing([["1", "1"]]);
  expect(drawnOf(before, after)).toEqual({
    cells: before.cells,
    lines: before.lines,
    pieces: before.pieces,
  });
  expect(drawnOver(block(after), drawnOf(after, before)).lines).toBe(null);
});
