import { Dialog } from "radix-ui";
import type { ReactNode } from "react";

import { Differences } from "./Differences";
import type { Saving } from "./useSaving";

type Props = {
  saving: Pick<Saving, "keepTheirs" | "keepMine" | "putOff" | "clash">;
  /** What was changed there. */
  name: string;
  details?: ReactNode;
};

/** Two windows changed one thing: which is to stand. Closed without a choice, neither is lost. */
export function ClashDialog({ saving, name, details }: Props) {
  return (
    <Dialog.Root open={saving.clash?.asking ?? false} onOpenChange={(stays) => !stays && saving.putOff()}>
      <Dialog.Portal>
        <Dialog.Overlay className="overlay" />
        <Dialog.Content className="dialog">
          <Dialog.Title>Changed in another window</Dialog.Title>
          <Dialog.Description>
            {name} was changed after you opened it here. Nothing has been saved over it.
          </Dialog.Description>
          {details ?? (saving.clash?.versions && <Differences {...saving.clash.versions} />)}
          <div className="dialog-buttons">
            <button type="button" className="button" onClick={saving.keepTheirs}>
              Keep what was saved there
            </button>
            <button type="button" className="button button-brass" onClick={saving.keepMine}>
              Save mine over it
            </button>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
