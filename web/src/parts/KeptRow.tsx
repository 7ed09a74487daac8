import type { ReactNode } from "react";

import { FormDialog } from "./FormDialog";
import { Words } from "./Words";

type Props = {
  name: string;
  picture?: ReactNode;
  /** What is known of it, in words. */
  known: string[];
  /** The form that changes it, and what closes it. */
  form: (close: () => void) => ReactNode;
  onRemove: () => void;
  /** What else is to be said of it. */
  note?: ReactNode;
  /** More buttons. */
  more?: ReactNode;
};

/** A thing that is kept, with what is known of it. */
export function KeptRow({ name, picture, known, form, onRemove, note, more }: Props) {
  return (
    <li className="tool">
      {picture}
      <div className="flex-[1_1_300px]">
        <strong>{name}</strong>
        <p className="quiet">
          <Words>{known.join(" · ")}</Words>
        </p>
        {note}
      </div>
      <FormDialog
        title={`Change ${name}`}
        trigger={
          <button type="button" className="button" aria-label={`Change ${name}`}>
            Change
          </button>
        }
      >
        {form}
      </FormDialog>
      {more}
      <button type="button" className="button take-away" aria-label={`Remove ${name}`} onClick={onRemove}>
        Remove
      </button>
    </li>
  );
}
