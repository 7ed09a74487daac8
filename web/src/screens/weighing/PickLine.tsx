import { Pin as PinIcon } from "lucide-react";

import type { Unit, UnitDocument } from "../../api/client";
import { SavingLine } from "../../saving/SavingLine";
import type { Saving } from "../../saving/useSaving";
import { UnitWords } from "./UnitWords";
import { same } from "./unitDocument";
import type { Wanted } from "./useWanted";

type Props = {
  unit: Unit;
  weighed: UnitDocument | undefined;
  wanted: Wanted;
  saving: Saving;
  /** What is next for the project. */
  next: string;
};

/** How the pick stands: made, at another size than the fence, being saved, not saved, or undoable. */
export function PickLine({ unit, weighed, wanted, saving, next }: Props) {
  return (
    <div className="pick-line" role="status">
      <Standing unit={unit} weighed={weighed} wanted={wanted} />
      <span className="quiet head-next">Next for the project: {next}.</span>
      <SavingLine saving={saving} />
    </div>
  );
}

function Standing({ unit, weighed, wanted }: Pick<Props, "unit" | "weighed" | "wanted">) {
  const { pick } = unit;
  if (!pick)
    return <span className="quiet">No method picked yet: open a row to see it whole, then pick it.</span>;
  const away = weighed && !same(pick.unit, weighed);
  return (
    <span className="standing">
      <PinIcon size={15} aria-hidden="true" /> Picked:{" "}
      <strong>{pick.answer.title ?? titleOf(pick.method)}</strong> for <UnitWords unit={pick.unit} />
      {away && (
        <button type="button" className="link-button" onClick={() => wanted.restore(pick.unit)}>
          The fence stands elsewhere: go back to the pick
        </button>
      )}
    </span>
  );
}

function titleOf(method: string): string {
  return method.replace(/^.*\//, "").replaceAll("_", " ");
}
