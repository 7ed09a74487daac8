import { expect, it } from "vitest";

import { counted, formOf } from "./plural";

it("a word agrees with its number", () => {
  expect([0, 1, 2].map((count) => counted(count, "set"))).toEqual(["0 sets", "1 set", "2 sets"]);
  expect([1, 1200].map((count) => counted(count, "pass", "passes"))).toEqual(["1 pass", "1,200 passes"]);
  expect(formOf(1, "This unit is", "These units are")).toBe("This unit is");
});
