import { Progress } from "radix-ui";

import { Notice } from "../../parts/Notice";
import type { useApart } from "./useApart";

/** How far the taking apart of a large block has come; it goes on where the page is left or loaded anew. */
export function TakingApart({ apart }: { apart: ReturnType<typeof useApart> }) {
  const { working, stopped } = apart;
  if (stopped)
    return (
      <div className="mt-3.5 flex flex-wrap items-center gap-x-4 gap-y-2">
        <span>Stopped.</span>
        <button type="button" className="button" onClick={() => void apart.refetch()}>
          Take it apart
        </button>
      </div>
    );
  if (!working) return apart.data || apart.error ? null : <Notice>Taking it apart…</Notice>;
  const share = Math.round(100 * working.share);
  return (
    <div className="mt-3.5 flex flex-wrap items-center gap-x-4 gap-y-2">
      <span aria-live="polite">
        {working.state === "waiting" ? "Taking it apart comes next…" : `Taking it apart: ${working.doing}`}
      </span>
      <Progress.Root
        className="h-3 w-65 overflow-hidden rounded-[3px] border-[1.5px] border-quiet bg-panel"
        value={share}
        aria-label="How much of it is done"
      >
        <Progress.Indicator className="block h-full bg-brass" style={{ width: `${share}%` }} />
      </Progress.Root>
      <button type="button" className="button" onClick={apart.stop}>
        Stop
      </button>
    </div>
  );
}
