import { useQuery } from "@tanstack/react-query";
import { Navigate, useParams } from "react-router";

import { read } from "../../api/reads";
import { Opening } from "../../parts/Opening";

/** Goes to the first unit of the first project at work; to the start where nobody has been here, to the projects where there is none. */
export function FirstUnit() {
  const start = useQuery(read.start());
  if (!start.data) return <Waiting failed={start.error} />;
  return start.data.chosen ? <FirstProject /> : <Navigate replace to="/start" />;
}

function FirstProject() {
  const projects = useQuery(read.projects());
  if (!projects.data) return <Waiting failed={projects.error} />;
  const first = projects.data.find((project) => !project.aside);
  return first ? <First id={String(first.id)} /> : <Navigate replace to="/projects" />;
}

/** Goes to the first unit of a project. */
export function FirstOfProject() {
  const { projectId = "" } = useParams();
  return <First id={projectId} />;
}

function First({ id }: { id: string }) {
  const project = useQuery(read.project(id));
  if (!project.data) return <Waiting failed={project.error} />;
  return <Navigate replace to={`/projects/${id}/units/${project.data.units[0]?.id ?? "new"}`} />;
}

function Waiting({ failed }: { failed: { title: string } | null }) {
  return (
    <main className="middle">
      <Opening error={failed} />
    </main>
  );
}
