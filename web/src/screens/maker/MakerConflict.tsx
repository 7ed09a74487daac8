import { Dialog } from "radix-ui";

import type { Changing } from "./useChanging";

/** Two windows changed one profile: which is to stand. */
export function MakerConflict({ changing }: { changing: Changing }) {
  const { clash } = changing;
  return (
    <Dialog.Root open={clash !== null} onOpenChange={(open) => !open && changing.keepTheirs()}>
      <Dialog.Portal>
        <Dialog.Overlay className="overlay" />
        <Dialog.Content className="dialog">
          <Dialog.Title>Changed in another window</Dialog.Title>
          <Dialog.Description>
            Your profile was changed after you opened it here. Nothing has been saved over it. Here:{" "}
            {clash?.mine.said}.
          </Dialog.Description>
          <div className="dialog-buttons">
            <button type="button" className="button" onClick={changing.keepTheirs}>
              Keep what was saved there
            </button>
            <button type="button" className="button button-brass" onClick={changing.keepMine}>
              Save mine over it
            </button>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
