import { Pin as PinIcon } from "lucide-react";
import { Link } from "react-router";

import type { Unit, UnitDocument } from "../../api/client";
import { Hint } from "../../parts/Hint";
import { Words } from "../../parts/Words";
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
  /** What was not picked, and why. */
  notPicked: string | null;
};

/** How the pick stands: made, at another size than the fence, being saved, not saved, or undoable. */
export function PickLine({ unit, weighed, wanted, saving, notPicked }: Props) {
  return (
    <div
      className="flex min-h-7.5 flex-wrap items-center justify-end gap-x-5 gap-y-0.5 text-md max-tablet:justify-start"
      role="status"
    >
      {notPicked && (
        <span role="alert" className="field-error">
          <Words>{`Not picked: ${notPicked}`}</Words>
        </span>
      )}
      <Standing unit={unit} weighed={weighed} wanted={wanted} />
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
    <span className="flex items-center gap-1.5">
      <PinIcon size={15} aria-hidden="true" /> Picked:{" "}
      <strong className="font-strong">{pick.answer.title ?? titleOf(pick.method)}</strong> for{" "}
      <UnitWords unit={pick.unit} />
      <Hint text="One step at a time, to be read from where you stand" action="bench">
        <Link className="button ml-2" to={`/projects/${unit.project_id}/units/${unit.id}/steps`}>
          At the bench
        </Link>
      </Hint>
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
