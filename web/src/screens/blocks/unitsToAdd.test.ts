import { expect, test } from "vitest";

import { sameUnits, unitsToAdd } from "./unitsToAdd";

const corner = (corners: number) => ({
  kind: "corner_square",
  plural: "cut-corner squares",
  finished: "6",
  corners,
  count: 2,
  fabrics: { square: "1", corner: "2" },
});

test("units that differ by their corners alone have names of their own, however often they are counted", () => {
  const names = () => unitsToAdd("Gull", [corner(1), corner(2), corner(3)], []).map(({ label }) => label);
  expect(names()).toEqual([
    "Gull: cut-corner squares 6",
    "Gull: cut-corner squares 6 (2)",
    "Gull: cut-corner squares 6 (3)",
  ]);
  expect(names()).toEqual(names());
});

test("a long name is cut where it still differs", () => {
  const units = unitsToAdd("A name of a block ".repeat(5), [corner(1), corner(2)], []);
  expect(units.map(({ label }) => label.length)).toEqual([80, 80]);
  expect(units[0]?.label).not.toBe(units[1]?.label);
});

test("the same units are the same however they are written", () => {
  const written = { kind: "half_square", at: [0, 0], span: [1, 1], turn: 0, mirror: false, fabrics: { light: "1", dark: "2" } }; // prettier-ignore
  const stored = { at: [0, 0], kind: "half_square", span: [1, 1], fabrics: { dark: "2", light: "1" } };
  const other = { ...stored, at: [1, 0], turn: 1 };
  expect(sameUnits([written, other], [other, stored])).toBe(true);
  expect(sameUnits([written], [{ ...stored, turn: 2 }])).toBe(false);
  expect(sameUnits([written], [{ ...stored, fabrics: { dark: "1", light: "2" } }])).toBe(false);
  expect(sameUnits([written], [])).toBe(false);
});
