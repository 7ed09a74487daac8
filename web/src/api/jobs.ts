import { api } from "./client";
import type { Job } from "./types";

const ASK_AGAIN_AFTER = 300;

/** Asks how far a job is until it is done or stopped. */
export async function followed(
  first: Job,
  onWorking: (job: Job | null) => void,
  signal?: AbortSignal,
): Promise<Job> {
  let job = first;
  while (job.state === "waiting" || job.state === "working") {
    onWorking(job);
    await new Promise((resolve) => setTimeout(resolve, ASK_AGAIN_AFTER));
    job = await api.job(job.id ?? 0, signal);
  }
  onWorking(null);
  return job;
}
