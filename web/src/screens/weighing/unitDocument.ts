import type { Count, UnitDocument } from "../../api/client";

/** Its finished sizes as they are written: one, or height and width; none for a shape. */
export function sidesOf(unit: UnitDocument): string[] {
  return unit.finished === undefined ? [] : [unit.finished].flat();
}

/** "24", or "8 lefts and 3 rights". */
export function countWords(count: Count): string {
  return typeof count === "object" ? `${count.left} lefts and ${count.right} rights` : String(count);
}

/** Whether two documents say the same unit, whatever the order of their keys. */
export function same(one: unknown, other: unknown): boolean {
  if (typeof one !== "object" || typeof other !== "object" || !one || !other) return one === other;
  const keys = Object.keys(one) as (keyof typeof one)[];
  return (
    keys.length === Object.keys(other).length &&
    keys.every((key) => key in other && same(one[key], other[key]))
  );
}
