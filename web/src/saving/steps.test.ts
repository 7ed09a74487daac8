import { describe, expect, it } from "vitest";

import { did, dropped, MOST, next, NOTHING, type Step, type Steps, turned, versionFor } from "./steps";

const step = (id: number, from: number, to: number, of: Step["of"] = "unit"): Step => ({
  said: `${of} ${id}: ${from} to ${to}`,
  of,
  id,
  back: { do: "change", with: from },
  again: { do: "change", with: to },
  before: String(from),
  after: String(to),
  version: to,
});
const doAll = (...all: Step[]): Steps => all.reduce(did, NOTHING);
/** Turned as the server would: every turn saves a version more. */
const turn = (steps: Steps, way: "back" | "again", version: number, id?: number) =>
  turned(steps, way, { id, lock_version: version });

describe("steps", () => {
  it("go back one after another over the versions that each turn makes, and again", () => {
    let steps = doAll(step(1, 1, 2), step(1, 2, 3));
    const over = [];
    for (const version of [4, 5]) {
      over.push(versionFor(steps, next(steps, "back") as Step, "back"));
      steps = turn(steps, "back", version);
    }
    for (const version of [6, 7]) {
      over.push(versionFor(steps, next(steps, "again") as Step, "again"));
      steps = turn(steps, "again", version);
    }
    expect(over).toEqual([3, 4, 5, 6]);
    expect(steps.past.length).toBe(2);
    expect(steps.last).toBe("unit 1: 2 to 3");
  });

  it("go over an old version where somebody else's change came between", () => {
    // Hers: 1 to 2; another window's: 2 to 3; hers, seeing that: 3 to 4.
    const steps = turn(doAll(step(1, 1, 2), step(1, 3, 4)), "back", 5);
    expect(versionFor(steps, next(steps, "back") as Step, "back")).toBe(2);
  });

  it("go back past one that was done again", () => {
    const again = turn(turn(doAll(step(1, 1, 2)), "back", 3), "again", 4);
    const steps = turn(did(again, step(1, 4, 5)), "back", 6);
    expect(versionFor(steps, next(steps, "back") as Step, "back")).toBe(6);
  });

  it("of other things do not stand in the way", () => {
    const steps = turn(doAll(step(1, 1, 2), step(1, 7, 8, "tool")), "back", 9);
    expect(versionFor(steps, next(steps, "back") as Step, "back")).toBe(2);
  });

  it("of a stroke saved with others go back one by one", () => {
    const first = { ...step(4, 1, 2, "block"), after: "2:1" };
    const second = { ...step(4, 1, 2, "block"), before: "2:1" };
    const steps = turn(doAll(first, second), "back", 3);
    expect(versionFor(steps, first, "back")).toBe(3);
  });

  it("follow a thing that was added again under another number", () => {
    const removed = { ...step(3, 2, 2, "tool"), back: { do: "add" }, again: { do: "remove" } };
    const steps = turn(doAll(step(3, 1, 2, "tool"), removed), "back", 0, 12);
    expect(next(steps, "back")).toMatchObject({ id: 12 });
    expect(next(steps, "again")).toMatchObject({ id: 12 });
    expect(versionFor(steps, next(steps, "back") as Step, "back")).toBe(0);
  });

  it("are a hundred at most, and something new ends what could be done again", () => {
    const steps = doAll(...Array.from({ length: MOST + 1 }, (_, i) => step(1, i, i + 1)));
    expect(steps.past.length).toBe(100);
    expect(steps.past[0]?.before).toBe("1");
    expect(did(turn(steps, "back", 500), step(2, 1, 2)).future).toEqual([]);
  });

  it("that were refused are forgotten", () => {
    expect(dropped(doAll(step(1, 1, 2), step(2, 1, 2)), "back").past.map((one) => one.id)).toEqual([1]);
  });

  it("of many things at once know what each of them is by then", () => {
    // Unit 1: 1 to 2 by itself; then 2 to 3, with unit 2 from 7 to 8, all together.
    const together: Step = {
      ...step(9, 4, 4, "project"),
      parts: [
        { of: "unit", id: 1, before: "2", after: "3" },
        { of: "unit", id: 2, before: "7", after: "8" },
      ],
    };
    const steps = turned(doAll(step(1, 1, 2), together), "back", {
      id: 9,
      lock_version: 4,
      parts: [
        { id: 1, lock_version: 5 },
        { id: 2, lock_version: 9 },
      ],
    });
    // Unit 1 says what it said at 2: its own step is turned over what it is by now.
    expect(versionFor(steps, next(steps, "back") as Step, "back")).toBe(5);
    expect(steps.known["unit 2"]).toEqual({ version: 9, says: "7" });
    expect(versionFor(steps, together, "again")).toBe(4);
  });
});
