import { useQuery } from "@tanstack/react-query";
import { Navigate, useParams } from "react-router";

import { read } from "../../api/reads";
import { Opening } from "../../parts/Opening";
import { placeOf } from "../../parts/stations";
import { useAtWork } from "../../parts/useAtWork";

/** Goes to the project that was worked on last; to the start where nobody has been here, to the projects where there is none. */
export function First() {
  const start = useQuery(read.start());
  if (!start.data) return <Waiting failed={start.error} />;
  return start.data.chosen ? <LastProject /> : <Navigate replace to="/start" />;
}

function LastProject() {
  const projects = useQuery(read.projects());
  const last = useAtWork();
  if (!projects.data) return <Waiting failed={projects.error} />;
  return <Navigate replace to={last ? placeOf(last.id, "home") : "/projects"} />;
}

/** Goes to the first unit of a project that has no pick yet, or to the first. */
export function FirstOfProject() {
  const { projectId = "" } = useParams();
  const project = useQuery(read.project(projectId));
  if (!project.data) return <Waiting failed={project.error} />;
  const { units } = project.data;
  const unit = units.find(({ pick }) => !pick) ?? units[0];
  return <Navigate replace to={`/projects/${projectId}/units/${unit?.id ?? "new"}`} />;
}

function Waiting({ failed }: { failed: { title: string } | null }) {
  return (
    <main className="middle">
      <Opening error={failed} />
    </main>
  );
}
