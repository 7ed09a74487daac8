import { Redo2, Undo2 } from "lucide-react";
import type { ReactNode } from "react";

import { Hint } from "../parts/Hint";
import type { Action } from "../parts/keys";
import type { Saving } from "./useSaving";
import { useHistory } from "./useHistory";
import { useUndo } from "./useUndo";

/** How saving stands: under way, not done and why, or done, with its undoing. */
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
  const busy = pending || turning.pending;
  return (
    <>
      {busy ? <span className="quiet">Saving…</span> : done && !trouble && <span>{done}.</span>}
      {turning.canUndo && (
        <Turn text="Undo" what={turning.undoes} action="undo" busy={busy} onTurn={turning.undo}>
          <Undo2 size={15} aria-hidden="true" />
        </Turn>
      )}
      {turning.canRedo && (
        <Turn text="Redo" what={turning.redoes} action="redo" busy={busy} onTurn={turning.redo}>
          <Redo2 size={15} aria-hidden="true" />
        </Turn>
      )}
    </>
  );
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

type TurnProps = {
  text: string;
  what: string | undefined;
  action: Action;
  busy: boolean;
  onTurn: () => void;
  children: ReactNode;
};

function Turn({ text, what, action, busy, onTurn, children }: TurnProps) {
  return (
    <Hint text={what ? `${text}: ${what}` : text} action={action}>
      <button type="button" className="link-button" disabled={busy} onClick={onTurn}>
        {children} {text}
      </button>
    </Hint>
  );
}
