import { useQuery } from "@tanstack/react-query";
import { Link, useParams } from "react-router";

import { api, type Unit } from "../../api/client";
import { Notice } from "../../parts/Notice";
import { Bench } from "./Bench";

/** The kind of unit that this screen knows how to ask for. */
const WEIGHED = "half_square";

/** The weighing of one unit: its address says which. */
export function WeighingScreen() {
  const { projectId = "", unitId = "" } = useParams();
  const project = useQuery({ queryKey: ["project", projectId], queryFn: () => api.project(projectId) });
  const unit = project.data?.units.find((one) => String(one.id) === unitId);
  if (!project.data) return <Opening error={project.error ?? project.failureReason} />;
  if (!unit) return <NoUnit projectId={projectId} first={project.data.units[0]?.id} />;
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

function NoUnit({ projectId, first }: { projectId: string; first: number | undefined }) {
  return (
    <main className="middle">
      <h1>This unit is not in the project</h1>
      {first ? (
        <Link className="button" to={`/projects/${projectId}/units/${first}`}>
          Go to the first unit
        </Link>
      ) : (
        <p>The project has no units yet. Add one first: which unit, which finished size, and how many.</p>
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
