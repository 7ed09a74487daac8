import type { Unit, UnitDocument } from "../../api/client";
import { ClashDialog } from "../../saving/ClashDialog";
import { UnitWords } from "./UnitWords";
import type { PickChange, Units } from "./useUnits";

/** Two windows changed one unit: what each says, and which is to stand. */
export function ConflictDialog({ saving }: { saving: Units["saving"] }) {
  const { clash } = saving;
  const choice = clash && (clash.change as PickChange).choice;
  const theirs = clash?.theirs as Unit | undefined;
  const versions = choice && theirs && (
    <dl className="grid gap-2">
      <div className="grid grid-cols-[104px_1fr] items-center max-phone:grid-cols-[1fr]">
        <dt className="text-quiet">Saved there</dt>
        <dd>
          <Version spec={theirs.unit} method={theirs.pick?.method ?? null} />
        </dd>
      </div>
      <div className="grid grid-cols-[104px_1fr] items-center max-phone:grid-cols-[1fr]">
        <dt className="text-quiet">Yours</dt>
        <dd>
          <Version spec={choice.spec} method={choice.method} />
        </dd>
      </div>
    </dl>
  );
  return <ClashDialog saving={saving} name={theirs?.label ?? "This unit"} details={versions} />;
}

function Version({ spec, method }: { spec: UnitDocument; method: string | null }) {
  const picked = method ? method.replace(/^.*\//, "").replaceAll("_", " ") : "no method picked";
  return (
    <>
      <UnitWords unit={spec} />, {picked}
    </>
  );
}
