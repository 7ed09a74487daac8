import { describe, expect, it } from "vitest";

import { freeId } from "./useTools";

describe("a tool's name for documents", () => {
  it("is made of its own", () => {
    expect(freeId("Long rule 6½ × 24", [])).toBe("long-rule-6-24");
  });

  it("is numbered where it is another's", () => {
    expect(freeId("Rule", ["rule", "rule-2"])).toBe("rule-3");
  });

  it("is there for a name of which nothing is left", () => {
    expect(freeId("½", [])).toBe("tool");
  });
});
