import type { ReactNode } from "react";

import { FormDialog } from "./FormDialog";
import { RowAction, RowMenu } from "./RowMenu";

type Props = {
  name: string;
  /** The form that changes it, and what closes it. */
  form: (close: () => void) => ReactNode;
  onRemove: () => void;
  /** What else its menu holds. */
  more?: ReactNode;
};

/** What is done with a thing that is kept: it is changed; all else is in its menu. */
export function KeptActions({ name, form, onRemove, more }: Props) {
  return (
    <span className="flex gap-2">
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
      <RowMenu name={name}>
        {more}
        <RowAction removes onSelect={onRemove}>
          Remove
        </RowAction>
      </RowMenu>
    </span>
  );
}
