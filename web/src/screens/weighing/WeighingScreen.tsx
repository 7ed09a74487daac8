import { useQuery } from "@tanstack/react-query";
import { Link, useParams } from "react-router";

import { api, type Project, type Unit } from "../../api/client";
import { Notice } from "../../parts/Notice";
import { AddUnit } from "./AddUnit";
import { Bench } from "./Bench";

/** The kind of unit that this screen knows how to ask for. */
const WEIGHED = "half_square";

/** The weighing of one unit: its address says which. */
export function WeighingScreen() {
  const { projectId = "", unitId = "" } = useParams();
  const project = useQuery({ queryKey: ["project", projectId], queryFn: () => api.project(projectId) });
  const unit = project.data?.units.find((one) => String(one.id) === unitId);
  if (!project.data) return <Opening error={project.error ?? project.failureReason} />;
  if (!unit) return <NoUnit project={project.data} />;
  if (unit.unit.kind !== WEIGHED)
    return <OtherKind unit={unit} projectId={projectId} units={project.data.units} />;
  return <Bench key={unit.id} project={project.data} unit={unit} />;
}

function Opening({ error }: { error: Error | null }) {
  return (
    <main className="middle">
      {error ? <Notice tone="alarm">{error.message}</Notice> : <Notice>Opening the bench…</Notice>}
    </main>
  );
}

function NoUnit({ project }: { project: Project }) {
  const first = project.units[0];
  return (
    <main className="middle">
      <h1>{first ? "This unit is not in the project" : `${project.name} has no units yet`}</h1>
      {first ? (
        <Link className="button" to={`/projects/${project.id}/units/${first.id}`}>
          Go to the first unit
        </Link>
      ) : (
        <>
          <p>Add one first: what it is for, how many, which finished size, and of which cloth.</p>
          <AddUnit project={project} labelled />
        </>
      )}
    </main>
  );
}

function OtherKind({ unit, projectId, units }: { unit: Unit; projectId: string; units: Unit[] }) {
  const other = units.find((one) => one.unit.kind === WEIGHED);
  return (
    <main className="middle">
      <h1>{unit.label}</h1>
      <p>
        This screen weighs half-square triangle units. Weigh {unit.unit.kind.replaceAll("_", " ")} units with
        bin/gauge.
      </p>
      {other && (
        <Link className="button" to={`/projects/${projectId}/units/${other.id}`}>
          Go to {other.label}
        </Link>
      )}
    </main>
  );
}
