import { Pin } from "lucide-react";
import { Link } from "react-router";

import type { Project } from "../../api/client";
import type { unitsToAdd } from "../blocks/unitsToAdd";

type Counted = ReturnType<typeof unitsToAdd>[number];

/** What was picked for a unit of the quilt; and whether the quilt asks for other ones since. */
export function UnitStanding({ project, unit }: { project: Project; unit: Counted | undefined }) {
  const there = project.units.find(({ label }) => label === unit?.label);
  if (!unit || !there) return null;
  const { pick } = there;
  const counts = JSON.stringify(pick?.unit.count) === JSON.stringify(unit.unit.count);
  return (
    <Link to={`/projects/${project.id}/units/${there.id}`} className="unit-stands">
      {pick ? (
        <>
          <Pin size={13} aria-label="picked" /> {pick.answer.title ?? pick.method}
          {!counts && <b className="no-longer"> for another number: pick again</b>}
        </>
      ) : (
        "not picked yet"
      )}
    </Link>
  );
}

type GoneProps = { project: Project; name: string; units: Counted[] };

/** Units that came from the quilt and are in it no more: they stay until she removes them. */
export function UnitsGone({ project, name, units }: GoneProps) {
  const gone = project.units.filter(
    ({ label }) => label.startsWith(`${name}: `) && !units.some((unit) => unit.label === label),
  );
  if (gone.length === 0 || units.length === 0) return null;
  return (
    <p className="no-longer">
      No longer in the quilt:{" "}
      {gone.map((unit, i) => (
        <span key={unit.id}>
          {i > 0 && "; "}
          <Link to={`/projects/${project.id}/units/${unit.id}`}>{unit.label.split(": ").slice(-1)}</Link>
        </span>
      ))}
      .
    </p>
  );
}
