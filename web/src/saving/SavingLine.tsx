import type { Saving } from "./useSaving";
import { useHistory } from "./useHistory";
import { useUndo } from "./useUndo";

/** How saving stands: under way, not done and why, or done. */
export function SavingLine({ saving, className = "" }: { saving: Saving; className?: string }) {
  const waits = saving.waitsFor ?? saving.clash;
  return (
    <span
      className={`flex flex-wrap items-center gap-x-3.5 gap-y-0.5 empty:hidden print:hidden ${className}`}
    >
      <Unsaved saving={saving} />
      {!saving.waitsFor && <Stuck />}
      {!waits && <Saved saving={saving} />}
    </span>
  );
}

/** On a screen that saves nothing itself, or says it elsewhere: what was taken back or done again last, and what stands in the way. */
export function LastDone() {
  const { pending } = useUndo();
  const { last } = useHistory();
  return (
    <div role="status" className="flex flex-wrap gap-x-3.5 text-md empty:hidden print:hidden">
      {pending && <span className="quiet">Saving…</span>}
      {!pending && last && <span>{last}.</span>}
      <Stuck />
    </div>
  );
}

/** What could not be taken back or done again. */
function Stuck() {
  const { refused, trouble, waitsFor, again } = useUndo();
  if (waitsFor) return <Waits why={waitsFor} />;
  if (refused)
    return (
      <span role="alert" className="field-error">
        This cannot be undone any more. {refused}
      </span>
    );
  return trouble && <NotSaved why={trouble.message} does="Try again" onDo={again} />;
}

function Saved({ saving }: { saving: Saving }) {
  const { pending, trouble, done } = saving;
  const turning = useUndo();
  if (pending || turning.pending) return <span className="quiet">Saving…</span>;
  return done && !trouble && <span>{done}.</span>;
}

/** What is not saved, and why; nothing while all is well. */
export function Unsaved({ saving }: { saving: Saving }) {
  if (saving.waitsFor) return <Waits why={saving.waitsFor} />;
  if (saving.pending) return null;
  if (saving.clash) return <NotSaved why="changed in another window." does="Choose" onDo={saving.askAgain} />;
  return saving.trouble && <NotSaved why={saving.trouble.message} does="Try again" onDo={saving.again} />;
}

function Waits({ why }: { why: Error }) {
  return <span className="field-error">{why.message} Trying again…</span>;
}

function NotSaved({ why, does, onDo }: { why: string; does: string; onDo: () => void }) {
  return (
    <span role="alert" className="field-error">
      Not saved: {why}{" "}
      <button type="button" className="link-button" onClick={onDo}>
        {does}
      </button>
    </span>
  );
}
