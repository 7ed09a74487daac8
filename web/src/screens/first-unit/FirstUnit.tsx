import { useQuery } from "@tanstack/react-query";
import { Navigate } from "react-router";

import { api } from "../../api/client";
import { Notice } from "../../parts/Notice";

/** Goes to the first unit of the first project. */
export function FirstUnit() {
  const projects = useQuery({ queryKey: ["projects"], queryFn: api.projects });
  const id = projects.data?.projects[0]?.id;
  const project = useQuery({
    queryKey: ["project", String(id)],
    queryFn: () => api.project(String(id)),
    enabled: id !== undefined,
  });
  if (projects.data && id === undefined) return <Empty />;
  if (!project.data) return <Waiting failed={projects.failureReason ?? project.failureReason} />;
  return <Navigate replace to={`/projects/${id}/units/${project.data.units[0]?.id ?? "new"}`} />;
}

function Waiting({ failed }: { failed: Error | null }) {
  return (
    <main className="middle">
      {failed ? <Notice tone="alarm">{failed.message}</Notice> : <Notice>Opening the bench…</Notice>}
    </main>
  );
}

function Empty() {
  return (
    <main className="middle">
      <h1>No project yet</h1>
      <p>Start again with an empty folder var/ to get the demo bench.</p>
    </main>
  );
}
