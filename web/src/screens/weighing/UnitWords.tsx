import type { UnitDocument } from "../../api/client";
import { FinishedSize } from "../../parts/Sizes";
import { countWords, sidesOf } from "./unitDocument";

/** How many of a unit, and how large they finish. */
export function UnitWords({ unit }: { unit: UnitDocument }) {
  const sides = sidesOf(unit);
  return (
    <>
      {countWords(unit.count)}
      {sides.length > 0 && " finished at "}
      <Sides sides={sides} />
    </>
  );
}

/** A finished size: one ring for a square, two for height and width. */
export function Sides({ sides }: { sides: string[] }) {
  return sides.map((side, i) => (
    <span key={i}>
      {i > 0 && " × "}
      <FinishedSize length={side} />
    </span>
  ));
}
