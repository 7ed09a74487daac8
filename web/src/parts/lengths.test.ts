import { describe, expect, it } from "vitest";

import { spoken, takeApart } from "./lengths";

describe("a length read out", () => {
  it.each([
    ["2 7/8", "two and seven eighths inches"],
    ["1", "one inch"],
    ["7/8", "seven eighths inch"],
    ["1/2", "one half inch"],
    ["-1/8", "minus one eighth inch"],
    ["24", "24 inches"],
    ["7.3cm", "7.3 centimetres"],
    ["73mm", "73 millimetres"],
    ["3 5/127", "three and five over 127 inches"],
  ])("%s", (length, words) => {
    expect(spoken(length)).toBe(words);
  });
});

describe("a length taken apart", () => {
  it("keeps whole, fraction and measure apart", () => {
    expect(takeApart("2 7/8")).toEqual({ sign: "", whole: "2", over: "7", under: "8", suffix: "" });
    expect(takeApart("7.3cm")).toEqual({ sign: "", whole: "7.3", over: "", under: "", suffix: "cm" });
  });
  it("leaves as it is what it does not know", () => {
    expect(takeApart("D")).toEqual({ sign: "", whole: "D", over: "", under: "", suffix: "" });
  });
});
