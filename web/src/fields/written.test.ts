import { describe, expect, it } from "vitest";

import { changed, readAs, whole, writtenAs } from "./written";

describe("what is typed into a field", () => {
  const cases: [string, string, unknown][] = [
    ["integer", "24", 24],
    ["integer", " 7 ", 7],
    ["integer", "none", "none"],
    ["integer", "2.5", "2.5"],
    ["number", "12.50", 12.5],
    ["number", "a lot", "a lot"],
    ["length", " 2 7/8 ", "2 7/8"],
    [
      "outline",
      "0, 0; 4, 0; 2, 1 1/2;",
      [
        ["0", "0"],
        ["4", "0"],
        ["2", "1 1/2"],
      ],
    ],
    ["scale", "1, 1 1/2, 2", ["1", "1 1/2", "2"]],
    ["scale", "from 1 to 6 by 1/2", { from: "1", to: "6", step: "1/2" }],
    ["mapping", "goose: 7 1/4; sky: 3 7/8", { goose: "7 1/4", sky: "3 7/8" }],
    ["list", "1 1/2, 2", ["1 1/2", "2"]],
  ];
  it.each(cases)("%s %j", (type, text, value) => {
    expect(readAs({ type }, text)).toEqual(value);
  });
  it.each(cases.filter(([, text]) => !/^ |;$|none|2\.5|12\.50|lot/.test(text)))(
    "and %s %j written again",
    (type, text, value) => {
      expect(writtenAs({ type }, value)).toBe(text);
    },
  );
});

describe("a document that is filled in", () => {
  it("leaves out a key that is empty", () => {
    expect(changed({ kind: "shape", count: 3 }, "count", "")).toEqual({ kind: "shape" });
    expect(changed({ kind: "shape", count: 3 }, "count", undefined)).toEqual({ kind: "shape" });
  });
  it("keeps no and none", () => {
    expect(changed({}, "opposite", false)).toEqual({ opposite: false });
    expect(changed({}, "count", 0)).toEqual({ count: 0 });
  });
  it("does not touch what it was given", () => {
    const before = { count: 3 };
    changed(before, "count", 4);
    expect(before).toEqual({ count: 3 });
  });
});

describe("a whole number", () => {
  it("is told from what is none", () => {
    expect(["0", "-3", "1e3", "", "⅞"].map(whole)).toEqual([0, -3, "1e3", "", "⅞"]);
  });
});
