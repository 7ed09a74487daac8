import type { Block, Fabric, WayUnit } from "../../api/client";

/** A unit as a block or a quilt counts it. */
type Counted = {
  kind: string;
  count: WayUnit["count"];
  finished?: string | string[];
  fabrics: Record<string, string>;
  plural?: string;
};

/** What is said of a unit beside the unit's own document. */
const NOT_ITS_OWN = [
  "title",
  "plural",
  "shared",
  "fabrics",
  "count",
  "method",
  "method_title",
  "picked",
  "say",
];
const LONGEST = 80;

/** Counted units as a project takes them, each by a name of its own. */
export function unitsToAdd(name: string, units: Counted[], fabrics: Fabric[]) {
  const called = (id: string) => fabrics.find((fabric) => String(fabric.id) === id)?.name;
  const labels: string[] = [];
  return units.map((unit) => {
    const size = [unit.finished ?? []].flat().join(" × ");
    const made = Object.values(unit.fabrics).map(called).filter(Boolean).join(", ");
    const label = apart(`${name}: ${unit.plural ?? unit.kind} ${size}${made && `, ${made}`}`, labels);
    labels.push(label);
    return {
      label,
      unit: {
        ...Object.fromEntries(Object.entries(unit).filter(([key]) => !NOT_ITS_OWN.includes(key))),
        count: unit.count,
      },
      fabrics: Object.fromEntries(
        Object.entries(unit.fabrics)
          .filter(([role]) => !role.endsWith("_2"))
          .map(([role, id]) => [role, Number(id)]),
      ),
    };
  });
}

type Pieces = Block["pieces"];

/** Whether two lists are of the same units in the same places, in whatever order they and their keys are written. */
export function sameUnits(one: Pieces, other: Pieces): boolean {
  return one.length === other.length && told(one) === told(other);
}

/** What is 0 or false is what it is where nothing is said. */
function told(pieces: Pieces): string {
  const entries = (of: object) => Object.entries(of).toSorted(([a], [b]) => a.localeCompare(b));
  return JSON.stringify(
    pieces
      .map((piece) =>
        JSON.stringify(
          entries({ ...piece, fabrics: entries(piece.fabrics ?? {}) }).filter(([, value]) => value),
        ),
      )
      .toSorted(),
  );
}

/** A name that none of these is: units may differ by their corners alone. */
function apart(name: string, taken: string[], nth = 1): string {
  const ending = nth === 1 ? "" : ` (${nth})`;
  const label = name.slice(0, LONGEST - ending.length).trimEnd() + ending;
  return taken.includes(label) ? apart(name, taken, nth + 1) : label;
}
