import { useQuery } from "@tanstack/react-query";

import { api, type Project } from "../../api/client";

/** What a project's quilt comes to, as it is kept; nothing where it has none. */
export function useKeptQuilt(project: Project) {
  const asked = JSON.stringify(project.quilt);
  return useQuery({
    queryKey: ["quilt", project.id, asked],
    queryFn: ({ signal }) => api.quilt(project.id, JSON.parse(asked), signal),
    enabled: project.quilt !== null,
  });
}
