import { describe, expect, it } from "vitest";

import { type Cells, cutCell } from "./cells";
import { filling, fitted, onLines, scaled, spot, told, turnedLines, widths } from "./lines";

const rising = cutCell("rising", "a", "b");
const falling = cutCell("falling", "a", "b");
const goose: Cells = [[rising, cutCell("falling", "a", "b")]];

describe("lines of a block", () => {
  it("are read as a number or as widths", () => {
    expect(widths("4")).toEqual([1, 1, 1, 1]);
    expect(widths(" 1, 2 1 ")).toEqual([1, 2, 1]);
    expect(told([1, 2, 1])).toBe("1 2 1");
    expect(told([1, 1, 1])).toBe("3");
    for (const bad of ["", "0", "25", "1 0 1", "1.5 2", "a", "12 13", "-3"]) expect(widths(bad)).toBeNull();
  });

  it("part a block into places", () => {
    const lines = { columns: [1, 2, 1], rows: [2, 1] };
    expect(spot(lines, 1, 0)).toEqual({ x: 1, y: 0, wide: 2, high: 2 });
    expect(spot(lines, 2, 1)).toEqual({ x: 3, y: 2, wide: 1, high: 1 });
    expect(turnedLines(lines)).toEqual({ columns: [1, 2], rows: [1, 2, 1] });
  });
});

describe("a cut that fills a place", () => {
  const place = (wide: number, high: number) => ({ x: 0, y: 0, wide, high });

  // By hand: the diagonal of four cells runs through two of them, and leaves one whole on each side.
  it("runs through the cells on its diagonal", () => {
    const [whole, other] = [cutCell("whole", "a", "a"), cutCell("whole", "b", "b")];
    expect(filling(rising, place(2, 2))).toEqual([[whole, rising], [rising, other]]); // prettier-ignore
    expect(filling(falling, place(2, 2))).toEqual([[falling, whole], [other, falling]]); // prettier-ignore
  });

  it("of both diagonals has a cell cut twice in the middle of an odd number", () => {
    const cross = filling(cutCell("quartered", "a", "b"), place(3, 3));
    expect(cross?.map((line) => line.map(({ cut }) => cut))).toEqual([
      ["falling", "whole", "rising"],
      ["whole", "quartered", "whole"],
      ["rising", "whole", "falling"],
    ]);
  });

  it("needs a square, where it is no whole one", () => {
    expect(filling(rising, place(2, 1))).toBeNull();
    expect(filling(cutCell("whole", "a", "a"), place(2, 1))?.[0]).toHaveLength(2);
  });

  it("fits a stamp to its place, or to the room there is", () => {
    const room = { wide: 4, high: 4 };
    expect(fitted(goose, place(2, 1), room)[0]).toHaveLength(2);
    expect(fitted(goose, place(4, 2), room)).toEqual(scaled(goose, 2));
    expect(fitted(goose, place(2, 2), room)[0]).toHaveLength(4);
    expect(fitted(goose, place(2, 2), { wide: 3, high: 3 })[0]).toHaveLength(2);
  });
});

it("puts a block on other lines", () => {
  expect(onLines(goose, { columns: [2, 2], rows: [2] }, "p")).toEqual(scaled(goose, 2));
  const longer = onLines(goose, { columns: [1, 1, 1], rows: [1, 1] }, "p");
  expect(longer[0]?.slice(0, 2)).toEqual(goose[0]);
  expect(longer[1]?.[2]).toEqual(cutCell("whole", "p", "p"));
  expect(onLines(goose, { columns: [1], rows: [1] }, "p")).toEqual([[rising]]);
});
