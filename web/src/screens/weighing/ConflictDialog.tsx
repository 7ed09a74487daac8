import { Dialog } from "radix-ui";

import type { Unit, UnitDocument } from "../../api/client";
import { FinishedSize } from "../../parts/Sizes";
import type { Picking } from "./usePicking";

/** Two windows changed one unit: what each says, and which is to stand. */
export function ConflictDialog({ picking, unit }: { picking: Picking; unit: Unit }) {
  const { conflict } = picking;
  return (
    <Dialog.Root open={conflict !== null} onOpenChange={(open) => !open && picking.keepTheirs()}>
      <Dialog.Portal>
        <Dialog.Overlay className="overlay" />
        <Dialog.Content className="dialog">
          <Dialog.Title>Changed in another window</Dialog.Title>
          <Dialog.Description>
            {unit.label} was changed after you opened it here. Nothing has been saved over it.
          </Dialog.Description>
          {conflict && (
            <dl className="versions">
              <div>
                <dt>There</dt>
                <dd>
                  <Version spec={conflict.theirs.unit} method={conflict.theirs.pick?.method ?? null} />
                </dd>
              </div>
              <div>
                <dt>Here</dt>
                <dd>
                  <Version spec={conflict.mine.spec} method={conflict.mine.method} />
                </dd>
              </div>
            </dl>
          )}
          <div className="dialog-buttons">
            <button type="button" className="button" onClick={picking.keepTheirs}>
              Keep what was saved there
            </button>
            <button type="button" className="button button-brass" onClick={picking.keepMine}>
              Save mine over it
            </button>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function Version({ spec, method }: { spec: UnitDocument; method: string | null }) {
  const way = method ? method.replace(/^.*\//, "").replaceAll("_", " ") : "no method picked";
  return (
    <>
      {spec.count} finished at <FinishedSize length={spec.finished} />, {way}
    </>
  );
}
