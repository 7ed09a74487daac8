import { Undo2 } from "lucide-react";

import { Hint } from "../../parts/Hint";

type Props = { said: string | undefined; trouble: string | null; onUndo: () => void };

/** What was done last, and its undoing; or why it could not be done. */
export function UndoLine({ said, trouble, onUndo }: Props) {
  return (
    <>
      {trouble && (
        <span role="alert" className="field-error">
          {trouble}
        </span>
      )}
      {said && (
        <span className="undo">
          {said}.
          <Hint text="Undo" keys="Ctrl Z">
            <button type="button" className="link-button" onClick={onUndo}>
              <Undo2 size={15} aria-hidden="true" /> Undo
            </button>
          </Hint>
        </span>
      )}
    </>
  );
}
