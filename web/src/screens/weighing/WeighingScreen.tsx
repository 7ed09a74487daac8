import { useQuery } from "@tanstack/react-query";
import { useEffect } from "react";
import { Link, useParams } from "react-router";

import type { Project } from "../../api/client";
import { read } from "../../api/reads";
import { Weaves } from "../../drawing/Weaves";
import { LAST_PROJECT } from "../../parts/useAtWork";
import { Opening } from "../../parts/Opening";
import { SavingLine } from "../../saving/SavingLine";
import { AddUnit } from "./AddUnit";
import { Bench } from "./Bench";
import { ConflictDialog } from "./ConflictDialog";
import { type Units, useUnits } from "./useUnits";

/** The weighing of one unit: its address says which. */
export function WeighingScreen() {
  const { projectId = "", unitId = "" } = useParams();
  const project = useQuery(read.project(projectId));
  useEffect(() => window.localStorage.setItem(LAST_PROJECT, projectId), [projectId]);
  if (!project.data)
    return (
      <main className="middle">
        <Opening error={project.error} />
      </main>
    );
  return <Opened key={projectId} project={project.data} unitId={unitId} />;
}

function Opened({ project, unitId }: { project: Project; unitId: string }) {
  const units = useUnits(project);
  const unit = project.units.find((one) => String(one.id) === unitId);
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
          <div className="flex min-h-7.5 flex-wrap items-center gap-x-5 gap-y-0.5 text-md" role="status">
            <SavingLine saving={units.saving} />
          </div>
        </>
      )}
    </main>
  );
}
