import { expect, test } from "vitest";

import {
  canGoRound,
  plainCells,
  cellOf,
  cutCell,
  fourRound,
  mirrored,
  quarters,
  stamped,
  stampOf,
  swapped,
  turned,
} from "./cells";

test("a cell is cut no more than it has to be", () => {
  expect(cellOf(["a", "a", "a", "a"])).toEqual({ cut: "whole", fabrics: ["a"] });
  expect(cellOf(["a", "b", "b", "a"])).toEqual({ cut: "rising", fabrics: ["a", "b"] });
  expect(cellOf(["a", "a", "b", "b"])).toEqual({ cut: "falling", fabrics: ["a", "b"] });
  expect(cellOf(["a", "b", "a", "b"]).cut).toBe("quartered");
});

test("four turns bring a block back, one turns a rising cut into a falling one", () => {
  const cells = [[cutCell("rising", "a", "b"), cutCell("whole", "c", "c")]];
  // Above left becomes above right.
  expect(turned(cells)).toEqual([[cutCell("falling", "a", "b")], [cutCell("whole", "c", "c")]]);
  expect(turned(turned(turned(turned(cells))))).toEqual(cells);
  expect(mirrored(cells)).toEqual([[cutCell("whole", "c", "c"), cutCell("falling", "a", "b")]]);
});

test("a quarter goes round the middle", () => {
  const cell = cutCell("whole", "d", "d");
  const round = fourRound([
    [cutCell("rising", "a", "b"), cell],
    [cell, cell],
  ]);
  expect(round.map((line) => line.map((one) => quarters(one).join("")))).toEqual([
    ["abba", "aabb"],
    ["bbaa", "baab"],
  ]);
  const plain = (columns: number, rows: number) => plainCells(columns, rows, "a");
  const goes = (columns: number[], rows: number[]) =>
    canGoRound(plain(columns.reduce((a, b) => a + b), rows.reduce((a, b) => a + b)), { columns, rows }); // prettier-ignore
  expect(goes([1, 1], [1])).toBe(false);
  expect(goes([2, 1, 1, 2], [2, 1, 1, 2])).toBe(true);
  // The middle column lies across the middle; and columns that rows are not like.
  expect(goes([1, 2, 1], [1, 2, 1])).toBe(false);
  expect(goes([1, 2, 2, 1], [2, 1, 1, 2])).toBe(false);
});

test("two fabrics are swapped everywhere", () => {
  expect(swapped([[cutCell("quartered", "a", "b")]], "a", "b")[0]?.[0]?.fabrics).toEqual([
    "b",
    "a",
    "b",
    "a",
  ]);
});

test("a stamp is set down as far as the block reaches", () => {
  const geese = stampOf([[[0, 1, 1, 0], [0, 0, 1, 1]]], ["a", "b"]); // prettier-ignore
  const on = stamped(
    [
      [cutCell("whole", "c", "c"), cutCell("whole", "c", "c")],
      [cutCell("whole", "c", "c"), cutCell("whole", "c", "c")],
    ],
    1,
    0,
    geese,
  );
  expect(on.map((line) => line.map(({ cut }) => cut))).toEqual([
    ["whole", "rising"],
    ["whole", "whole"],
  ]);
  expect(stampOf([[[0, 2, 2, 0]]], ["a"])[0]?.[0]).toEqual({ cut: "whole", fabrics: ["a"] });
});
