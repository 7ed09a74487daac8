import { api, type Fabric, type UnitChanges, type WayUnit } from "../../api/client";

/** A unit as a block or a quilt counts it. */
type Counted = {
  kind: string;
  count: WayUnit["count"];
  finished?: string | string[];
  fabrics: Record<string, string>;
  plural?: string;
};

/** What is said of a unit beside the unit's own document. */
const NOT_ITS_OWN = ["title", "plural", "shared", "fabrics", "count"];
const LONGEST = 80;

/** Counted units as a project takes them: so many for all blocks, each by a name of its own. */
export function unitsToAdd(name: string, units: Counted[], blocks: number, fabrics: Fabric[]) {
  const times = (one: number) => one * blocks;
  const called = (id: string) => fabrics.find((fabric) => String(fabric.id) === id)?.name;
  return units.map((unit) => {
    const size = [unit.finished ?? []].flat().join(" × ");
    const made = Object.values(unit.fabrics).map(called).filter(Boolean).join(", ");
    return {
      label: `${name}: ${unit.plural ?? unit.kind} ${size}${made && `, ${made}`}`.slice(0, LONGEST),
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
    };
  });
}

/** Puts counted units into a project. One that is there by its name already is changed to what is counted now. */
export async function putUnits(
  projectId: number,
  units: (UnitChanges & { label: string })[],
): Promise<number | undefined> {
  const there = (await api.project(String(projectId))).units;
  const put = [];
  for (const unit of units) {
    const seen = there.find((one) => one.label === unit.label);
    put.push(await (seen ? api.changeUnit(seen, unit) : api.addUnit(projectId, unit)));
  }
  return put[0]?.id;
}
