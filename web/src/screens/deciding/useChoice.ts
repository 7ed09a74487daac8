import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";

import { api, ApiError, type ChoiceAsked, type ChoiceJob, type Project } from "../../api/client";
import { followed } from "../../api/jobs";

/** Somebody stopped it before it was done. */
class Stopped extends Error {}

/** One method for each unit of the project, all together; what was proposed stays until the new proposal is there. */
export function useChoice(project: Project, asked: ChoiceAsked) {
  const [working, setWorking] = useState<ChoiceJob | null>(null);
  const stored = JSON.stringify([
    project.weighed_by,
    project.maker_version,
    project.units.map(({ id, lock_version }) => [id, lock_version]),
  ]);
  const query = useQuery({
    queryKey: ["choice", project.id, asked, stored],
    queryFn: async ({ signal }) => {
      const job = await followed(
        await api.choice(project.id, asked, signal),
        api.choiceJob,
        setWorking,
        signal,
      );
      if (job.answer) return job.answer;
      if (job.state === "stopped") throw new Stopped();
      throw new ApiError(500, "Something went wrong while the units were weighed. Nothing was changed.");
    },
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
  return {
    ...query,
    current: !query.isPlaceholderData && !query.isError,
    working: query.isFetching ? working : null,
    stopped: query.error instanceof Stopped,
    stop: () => void (working?.id && api.stopJob(working.id).catch(() => undefined)),
  };
}

/** What the picks that she would take come to, all together. */
export function useTogether(project: Project, picks: Record<string, string>, enabled: boolean) {
  return useQuery({
    queryKey: ["together", project.id, picks, project.weighed_by],
    queryFn: ({ signal }) => api.together(project.id, picks, signal),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    enabled,
  });
}
