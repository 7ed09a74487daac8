import { Dialog } from "radix-ui";
import type { ReactNode } from "react";

import { useAway } from "../api/away";
import type { ApiError } from "../api/client";

type Props = {
  error: ApiError | null;
  pending: boolean;
  /** What the button says. */
  does: string;
  /** What is half filled in is let go. */
  onCancel?: () => void;
  /** More buttons. */
  children?: ReactNode;
};

/** The end of a form over the page: what stands in the way as a whole, and its buttons. */
export function FormEnd({ error, pending, does, onCancel, children }: Props) {
  const away = useAway();
  return (
    <>
      {pending && away && <p className="field-error">{away.message} Trying again…</p>}
      {!pending && error && (error.status !== 409 || error.current === undefined) && (
        <p role="alert" className="field-error">
          {error.faults.length === 0
            ? error.message
            : "Not saved yet: see what is allowed in the fields above."}
        </p>
      )}
      <div className="dialog-buttons">
        <Dialog.Close className="button" onClick={onCancel}>
          Cancel
        </Dialog.Close>
        <button type="submit" className="button button-brass" disabled={pending}>
          {does}
        </button>
        {children}
      </div>
    </>
  );
}
