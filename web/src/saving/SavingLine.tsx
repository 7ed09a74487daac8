import { Redo2, Undo2 } from "lucide-react";
import type { ReactNode } from "react";

import { Hint } from "../parts/Hint";
import type { Saving } from "./useSaving";

/** How saving stands: under way, not done and why, or done, with its undoing. */
export function SavingLine({ saving, className = "" }: { saving: Saving; className?: string }) {
  const waits = saving.waitsFor ?? saving.clash;
  return (
    <span
      className={`flex flex-wrap items-center gap-x-3.5 gap-y-0.5 empty:hidden print:hidden ${className}`}
    >
      <Unsaved saving={saving} />
      {!waits && <Saved saving={saving} />}
    </span>
  );
}

function Saved({ saving }: { saving: Saving }) {
  const { pending, trouble, done } = saving;
  return (
    <>
      {pending ? <span className="quiet">Saving…</span> : done && !trouble && <span>{done}.</span>}
      {saving.canUndo && (
        <Turn text="Undo" keys="Ctrl Z" busy={pending} onTurn={saving.undo}>
          <Undo2 size={15} aria-hidden="true" />
        </Turn>
      )}
      {saving.canRedo && (
        <Turn text="Redo" keys="Ctrl Y" busy={pending} onTurn={saving.redo}>
          <Redo2 size={15} aria-hidden="true" />
        </Turn>
      )}
    </>
  );
}

/** What is not saved, and why; nothing while all is well. */
export function Unsaved({ saving }: { saving: Saving }) {
  if (saving.waitsFor) return <span className="field-error">{saving.waitsFor.message} Trying again…</span>;
  if (saving.pending) return null;
  if (saving.clash) return <NotSaved why="changed in another window." does="Choose" onDo={saving.askAgain} />;
  return saving.trouble && <NotSaved why={saving.trouble.message} does="Try again" onDo={saving.again} />;
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

type TurnProps = { text: string; keys: string; busy: boolean; onTurn: () => void; children: ReactNode };

function Turn({ text, keys, busy, onTurn, children }: TurnProps) {
  return (
    <Hint text={text} keys={keys}>
      <button type="button" className="link-button" disabled={busy} onClick={onTurn}>
        {children} {text}
      </button>
    </Hint>
  );
}
