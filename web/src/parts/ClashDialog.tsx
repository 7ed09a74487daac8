import { Dialog } from "radix-ui";
import type { ReactNode } from "react";

type Props = {
  open: boolean;
  /** What was changed, and that nothing is lost. */
  children: ReactNode;
  details?: ReactNode;
  onKeepTheirs: () => void;
  onKeepMine: () => void;
};

/** Two windows changed one thing: which is to stand. */
export function ClashDialog({ open, children, details, onKeepTheirs, onKeepMine }: Props) {
  return (
    <Dialog.Root open={open} onOpenChange={(stays) => !stays && onKeepTheirs()}>
      <Dialog.Portal>
        <Dialog.Overlay className="overlay" />
        <Dialog.Content className="dialog">
          <Dialog.Title>Changed in another window</Dialog.Title>
          <Dialog.Description>{children}</Dialog.Description>
          {details}
          <div className="dialog-buttons">
            <button type="button" className="button" onClick={onKeepTheirs}>
              Keep what was saved there
            </button>
            <button type="button" className="button button-brass" onClick={onKeepMine}>
              Save mine over it
            </button>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
