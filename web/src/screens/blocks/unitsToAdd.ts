import type { WayUnit } from "../../api/client";

type Counted = Pick<WayUnit, "kind" | "count" | "fabrics"> & { plural?: string };

/** What is said of a unit beside the unit's own document. */
const NOT_ITS_OWN = ["title", "plural", "shared", "fabrics", "count"];

/** Counted units as a project takes them: so many for all blocks. */
export function unitsToAdd(name: string, units: Counted[], blocks: number) {
  const times = (one: number) => one * blocks;
  return units.map((unit) => ({
    label: `${name}: ${unit.plural ?? unit.kind}`.slice(0, 80),
    unit: {
      ...Object.fromEntries(Object.entries(unit).filter(([key]) => !NOT_ITS_OWN.includes(key))),
      count:
        typeof unit.count === "number"
          ? times(unit.count)
          : { left: times(unit.count.left), right: times(unit.count.right) },
    },
    fabrics: Object.fromEntries(
      Object.entries(unit.fabrics)
        .filter(([role]) => !role.endsWith("_2"))
        .map(([role, id]) => [role, Number(id)]),
    ),
  }));
}
