import { Pin } from "lucide-react";
import { Link } from "react-router";

import type { Project, Unit } from "../../api/client";
import type { unitsToAdd } from "./unitsToAdd";

type Counted = ReturnType<typeof unitsToAdd>[number];

type Props = {
  project: Project;
  unit: Counted | undefined;
  /** Where only the kind of unit is told, not how many are made of it. */
  anyCount?: boolean;
};

/** What was picked for a unit of a block or the quilt; and whether the quilt asks for another number since. */
export function UnitStanding({ project, unit, anyCount = false }: Props) {
  const there = unit && thereFor(project, unit, anyCount);
  if (!unit || !there) return null;
  const { pick } = there;
  const counts = anyCount || JSON.stringify(pick?.unit.count) === JSON.stringify(unit.unit.count);
  return (
    <Link to={`/projects/${project.id}/units/${there.id}`} className="block text-sm text-quiet underline">
      {pick ? (
        <>
          <Pin size={13} aria-label="picked" className="inline" /> {pick.answer.title ?? pick.method}
          {!counts && <b className="text-madder"> for another number: pick again</b>}
        </>
      ) : (
        "not picked yet"
      )}
    </Link>
  );
}

/** The unit of the project that is meant: by its name, or the same unit of the same fabrics by a name of her own. */
function thereFor({ units }: Project, unit: Counted, anyCount: boolean): Unit | undefined {
  return (
    units.find(({ label }) => label === unit.label) ??
    units.find((one) => sameMade(one, unit)) ??
    (anyCount ? units.find(({ label }) => called(label) === called(unit.label)) : undefined)
  );
}

/** Whether two are the same unit of the same fabrics, however many there are of each. */
function sameMade(one: Unit, other: Counted): boolean {
  const told = ({ unit, fabrics }: Pick<Unit, "fabrics"> & { unit: object }) =>
    JSON.stringify([unit, fabrics].map((of) => entriesOf({ ...of, count: null })));
  return told(one) === told(other);
}

function entriesOf(of: object) {
  return Object.entries(of)
    .filter(([, value]) => value !== null && value !== undefined)
    .toSorted(([a], [b]) => a.localeCompare(b));
}

/** Without the block or quilt that it was sent from. */
function called(label: string): string {
  return label.split(": ").slice(1).join(": ");
}

type GoneProps = { project: Project; name: string; units: Counted[] };

/** Units that came from the quilt and are in it no more: they stay until she removes them. */
export function UnitsGone({ project, name, units }: GoneProps) {
  const gone = project.units.filter(
    ({ label }) => label.startsWith(`${name}: `) && !units.some((unit) => unit.label === label),
  );
  if (gone.length === 0 || units.length === 0) return null;
  return (
    <p className="text-madder">
      No longer in the quilt:{" "}
      {gone.map((unit, i) => (
        <span key={unit.id}>
          {i > 0 && "; "}
          <Link to={`/projects/${project.id}/units/${unit.id}`}>{called(unit.label)}</Link>
        </span>
      ))}
      .
    </p>
  );
}
