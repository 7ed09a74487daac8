import { expect, test } from "vitest";

import { canGoRound, cellOf, cutCell, fourRound, mirrored, quarters, swapped, turned } from "./cells";

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
  expect(canGoRound([[cell, cell]])).toBe(false);
});

test("two fabrics are swapped everywhere", () => {
  expect(swapped([[cutCell("quartered", "a", "b")]], "a", "b")[0]?.[0]?.fabrics).toEqual([
    "b",
    "a",
    "b",
    "a",
  ]);
});
