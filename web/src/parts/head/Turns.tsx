import { Redo2, Undo2 } from "lucide-react";
import type { ReactNode } from "react";

import { useUndo } from "../../saving/useUndo";
import { Hint } from "../Hint";
import type { Action } from "../keys";

/** Undo and redo, wherever one is. */
export function Turns() {
  const { canUndo, canRedo, undoes, redoes, undo, redo } = useUndo();
  return (
    <span className="flex print:hidden">
      <Turn text="Undo" what={undoes} action="undo" can={canUndo} onTurn={undo}>
        <Undo2 size={17} aria-hidden="true" />
      </Turn>
      <Turn text="Redo" what={redoes} action="redo" can={canRedo} onTurn={redo}>
        <Redo2 size={17} aria-hidden="true" />
      </Turn>
    </span>
  );
}

type Props = {
  text: string;
  what: string | undefined;
  action: Action;
  can: boolean;
  onTurn: () => void;
  children: ReactNode;
};

/** It keeps its place where there is nothing to undo. */
function Turn({ text, what, action, can, onTurn, children }: Props) {
  const { pending } = useUndo();
  return (
    <Hint text={what ? `${text}: ${what}` : text} action={action}>
      <button
        type="button"
        className={`icon-button ${can ? "" : "invisible"}`}
        aria-label={text}
        disabled={!can || pending}
        onClick={onTurn}
      >
        {children}
      </button>
    </Hint>
  );
}
