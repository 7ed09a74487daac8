import { Link } from "react-router";

import type { Project, Unit } from "../../api/client";
import { Heading } from "../../parts/Heading";
import { SavingLine } from "../../saving/SavingLine";
import { AddUnit } from "./AddUnit";
import { Bench } from "./Bench";
import { ConflictDialog } from "./ConflictDialog";
import { UnitScreen } from "./UnitScreen";
import { type Units, useUnits } from "./useUnits";

/** The weighing of one unit. */
export function WeighingScreen() {
  return (
    <UnitScreen side="methods" className="weighing">
      {(project, unit) => <Opened key={project.id} project={project} unit={unit} />}
    </UnitScreen>
  );
}

function Opened({ project, unit }: { project: Project; unit: Unit | undefined }) {
  const units = useUnits(project);
  return (
    <>
      {unit ? (
        <Bench key={unit.id} project={project} unit={unit} units={units} />
      ) : (
        <NoUnit project={project} units={units} />
      )}
      <ConflictDialog saving={units.saving} />
    </>
  );
}

function NoUnit({ project, units }: { project: Project; units: Units }) {
  const first = project.units[0];
  return (
    <div className="middle">
      <Heading>{first ? "This unit is not in the project" : `${project.name} has no units yet`}</Heading>
      {first ? (
        <Link className="button" to={`/projects/${project.id}/units/${first.id}`}>
          Go to the first unit
        </Link>
      ) : (
        <>
          <p>Add one first: what it is for, how many, which finished size, and of which fabric.</p>
          <AddUnit project={project} labelled />
          <div className="flex min-h-7.5 flex-wrap items-center gap-x-5 gap-y-0.5 text-md" role="status">
            <SavingLine saving={units.saving} />
          </div>
        </>
      )}
    </div>
  );
}
