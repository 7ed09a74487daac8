/** How far long work is. */
type Standing = { id: number | null; state: string };

const ASK_AGAIN_AFTER = 300;

/** Asks how far a job is until it is done or stopped. */
export async function followed<Job extends Standing>(
  first: Job,
  ask: (id: number, signal?: AbortSignal) => Promise<Job>,
  onWorking: (job: Job | null) => void,
  signal?: AbortSignal,
): Promise<Job> {
  let job = first;
  while (job.state === "waiting" || job.state === "working") {
    onWorking(job);
    await new Promise((resolve) => setTimeout(resolve, ASK_AGAIN_AFTER));
    job = await ask(job.id ?? 0, signal);
  }
  onWorking(null);
  return job;
}
