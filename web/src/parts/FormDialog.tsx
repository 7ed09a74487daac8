import { Dialog } from "radix-ui";
import { type ReactElement, type ReactNode, useState } from "react";

import type { Action } from "./keys";
import { useKeys } from "./useKeys";

type Props = {
  title: string;
  /** The button that opens it. */
  trigger: ReactElement;
  /** What opens it, where a key does too. */
  action?: Action;
  /** Whether it is open from the first moment. */
  opened?: boolean;
  /** The form, and what closes it. */
  children: (close: () => void) => ReactNode;
};

/** A form over the page. */
export function FormDialog({ title, trigger, action, opened = false, children }: Props) {
  const [open, setOpen] = useState(opened);
  useKeys(action ? { [action]: () => setOpen(true) } : {});
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Trigger asChild>{trigger}</Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="overlay" />
        <Dialog.Content className="dialog dialog-wide" aria-describedby={undefined}>
          <Dialog.Title>{title}</Dialog.Title>
          {children(() => setOpen(false))}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
