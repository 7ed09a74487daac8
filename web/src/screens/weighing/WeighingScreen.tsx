import { useQuery } from "@tanstack/react-query";
import { Link, useParams } from "react-router";

import { api } from "../../api/client";
import { Notice } from "../../parts/Notice";
import { Bench } from "./Bench";

/** The weighing of one unit: its address says which. */
export function WeighingScreen() {
  const { projectId = "", unitId = "" } = useParams();
  const project = useQuery({ queryKey: ["project", projectId], queryFn: () => api.project(projectId) });
  const unit = project.data?.units.find((one) => String(one.id) === unitId);
  if (!project.data) return <Opening error={project.error ?? project.failureReason} />;
  if (!unit) return <NoUnit projectId={projectId} first={project.data.units[0]?.id} />;
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
