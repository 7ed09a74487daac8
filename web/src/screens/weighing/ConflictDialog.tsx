import type { Unit, UnitDocument } from "../../api/client";
import { ClashDialog } from "../../parts/ClashDialog";
import { UnitWords } from "./UnitWords";
import type { Picking } from "./usePicking";

/** Two windows changed one unit: what each says, and which is to stand. */
export function ConflictDialog({ picking, unit }: { picking: Picking; unit: Unit }) {
  const { conflict } = picking;
  const versions = conflict && (
    <dl className="versions">
      <div>
        <dt>Saved there</dt>
        <dd>
          <Version spec={conflict.theirs.unit} method={conflict.theirs.pick?.method ?? null} />
        </dd>
      </div>
      <div>
        <dt>Yours</dt>
        <dd>
          <Version spec={conflict.mine.spec} method={conflict.mine.method} />
        </dd>
      </div>
    </dl>
  );
  return (
    <ClashDialog
      open={conflict !== null}
      details={versions}
      onKeepTheirs={picking.keepTheirs}
      onKeepMine={picking.keepMine}
    >
      {unit.label} was changed after you opened it here. Nothing has been saved over it.
    </ClashDialog>
  );
}

function Version({ spec, method }: { spec: UnitDocument; method: string | null }) {
  const picked = method ? method.replace(/^.*\//, "").replaceAll("_", " ") : "no method picked";
  return (
    <>
      <UnitWords unit={spec} />, {picked}
    </>
  );
}
