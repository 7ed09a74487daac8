import { Notice } from "../../parts/Notice";
import { Working } from "../../parts/Working";
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
  return (
    <Working
      said={working.state === "waiting" ? "Taking it apart comes next…" : `Taking it apart: ${working.doing}`}
      share={working.share}
      stop="Stop"
      onStop={apart.stop}
    />
  );
}
