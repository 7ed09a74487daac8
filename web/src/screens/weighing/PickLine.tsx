import { Pin as PinIcon } from "lucide-react";
import { Link } from "react-router";

import type { Unit, UnitDocument } from "../../api/client";
import { Hint } from "../../parts/Hint";
import { FinishedSize } from "../../parts/Sizes";
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
  /** What it is sewn with. */
  seam: string;
  /** What was not picked, and why. */
  notPicked: string | null;
};

/** How the pick stands: made, at another size than the fence, being saved, not saved, or undoable. */
export function PickLine({ unit, weighed, wanted, saving, notPicked, seam }: Props) {
  return (
    <div className="pick-line" role="status">
      <span className="pick-line-row">
        {notPicked && (
          <span role="alert" className="field-error">
            <Words>{`Not picked: ${notPicked}`}</Words>
          </span>
        )}
        <SavingLine saving={saving} />
        <span className="flex-none">
          <span className="quiet">seam allowance</span>{" "}
          <FinishedSize length={seam} className="min-w-0 border-0 bg-transparent p-0" />
        </span>
      </span>
      <Standing unit={unit} weighed={weighed} wanted={wanted} />
    </div>
  );
}

function Standing({ unit, weighed, wanted }: Pick<Props, "unit" | "weighed" | "wanted">) {
  const { pick } = unit;
  if (!pick)
    return (
      <span className="pick-line-row quiet">
        No method picked yet: open a row to see it whole, then pick it.
      </span>
    );
  const away = weighed && !same(pick.unit, weighed);
  return (
    <span className="pick-line-row">
      <PinIcon size={15} aria-hidden="true" className="flex-none" />
      <span className="relative min-w-0 truncate max-tablet:whitespace-normal">
        Picked: <strong className="font-strong">{pick.answer.title ?? titleOf(pick.method)}</strong> for{" "}
        <UnitWords unit={pick.unit} />
      </span>
      {!away && (
        <Hint text="One step at a time, to be read from where you stand" action="bench">
          <Link className="button h-8! flex-none" to={`/projects/${unit.project_id}/units/${unit.id}/steps`}>
            At the bench
          </Link>
        </Hint>
      )}
      {away && (
        <button type="button" className="link-button flex-none" onClick={() => wanted.restore(pick.unit)}>
          The fence stands elsewhere: go back to the pick
        </button>
      )}
    </span>
  );
}

function titleOf(method: string): string {
  return method.replace(/^.*\//, "").replaceAll("_", " ");
}
