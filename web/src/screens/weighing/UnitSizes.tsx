import type { UnitDocument } from "../../api/client";
import { FinishedSize } from "../../parts/Sizes";

/** How many of a unit there are, and how large they finish. */
export function Sizes({ unit }: { unit: UnitDocument }) {
  const sides = [unit.finished ?? []].flat();
  const count =
    typeof unit.count === "number"
      ? String(unit.count)
      : `${unit.count.left} left, ${unit.count.right} right`;
  return (
    <>
      {count}
      {sides.map((side, i) => (
        <span key={i}>
          {" × "}
          <FinishedSize length={side} />
        </span>
      ))}
    </>
  );
}
