import { Pin } from "lucide-react";
import { Link } from "react-router";

import type { Project } from "../../api/client";
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
  const there =
    project.units.find(({ label }) => label === unit?.label) ??
    (anyCount ? project.units.find(({ label }) => unit && called(label) === called(unit.label)) : undefined);
  if (!unit || !there) return null;
  const { pick } = there;
  const counts = anyCount || JSON.stringify(pick?.unit.count) === JSON.stringify(unit.unit.count);
  return (
    <Link to={`/projects/${project.id}/units/${there.id}`} className="block text-sm text-quiet underline">
      {pick ? (
        <>
          <Pin size={13} aria-label="picked" /> {pick.answer.title ?? pick.method}
          {!counts && <b className="text-madder"> for another number: pick again</b>}
        </>
      ) : (
        "not picked yet"
      )}
    </Link>
  );
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
