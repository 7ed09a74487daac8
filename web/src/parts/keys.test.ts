import { describe, expect, it } from "vitest";

import { ACTIONS, isLetter, KEYS, ON_CELLS, onCells } from "./keys";

describe("keys", () => {
  it("mean one thing each, everywhere that they work at once", () => {
    const outside = ACTIONS.filter((action) => KEYS[action].reach !== "cells");
    for (const those of [outside, ON_CELLS]) {
      const all = those.flatMap((action) => [...KEYS[action].keys]);
      expect(all.toSorted()).toEqual([...new Set(all)].toSorted());
    }
  });

  it("are told as they are pressed", () => {
    for (const action of ACTIONS) {
      const [first = ""] = KEYS[action].keys;
      const told = first
        .replace("$mod+", "Ctrl ")
        .replace(/^ $/, "Space")
        .replace(/escape/i, "Esc")
        .replace("ArrowLeft", "←");
      expect(KEYS[action].told.toLowerCase()).toBe(told.toLowerCase());
    }
  });

  it("are letters where somebody may press them by mistake", () => {
    expect(["p", "?", "g q"].map(isLetter)).toEqual([true, true, true]);
    expect([" ", "Enter", "$mod+z", "Shift+?"].map(isLetter)).toEqual([false, false, false, false]);
  });

  it("of the cells are those and no others", () => {
    expect(onCells("O")).toBe("whole");
    expect(onCells("\\")).toBe("falling");
    expect(onCells("p")).toBeUndefined();
  });
});
