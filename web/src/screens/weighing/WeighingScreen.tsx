import { useQuery } from "@tanstack/react-query";
import { useEffect } from "react";
import { Link, useParams } from "react-router";

import { api, type Project } from "../../api/client";
import { Weaves } from "../../drawing/Weaves";
import { LAST_PROJECT } from "../../parts/useAtWork";
import { Notice } from "../../parts/Notice";
import { AddUnit } from "./AddUnit";
import { Bench } from "./Bench";
import { UndoLine } from "./UndoLine";
import { useUnitChanges } from "./useUnitChanges";

/** The weighing of one unit: its address says which. */
export function WeighingScreen() {
  const { projectId = "", unitId = "" } = useParams();
  const project = useQuery({ queryKey: ["project", projectId], queryFn: () => api.project(projectId) });
  useEffect(() => window.localStorage.setItem(LAST_PROJECT, projectId), [projectId]);
  const unit = project.data?.units.find((one) => String(one.id) === unitId);
  if (!project.data) return <Opening error={project.error ?? project.failureReason} />;
  if (!unit) return <NoUnit project={project.data} />;
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
  const changing = useUnitChanges(project, () => undefined);
  return (
    <main className="middle">
      <h1>{first ? "This unit is not in the project" : `${project.name} has no units yet`}</h1>
      {first ? (
        <Link className="button" to={`/projects/${project.id}/units/${first.id}`}>
          Go to the first unit
        </Link>
      ) : (
        <>
          <Weaves fabrics={project.fabrics} />
          <p>Add one first: what it is for, how many, which finished size, and of which fabric.</p>
          <AddUnit project={project} labelled />
          <UndoLine
            said={changing.done?.said}
            trouble={changing.trouble}
            onUndo={() => void changing.undo()}
          />
        </>
      )}
    </main>
  );
}
