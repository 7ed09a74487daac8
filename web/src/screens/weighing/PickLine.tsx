import { Pin as PinIcon } from "lucide-react";

import type { Project, Unit, UnitDocument } from "../../api/client";
import { NextLink } from "../../parts/NextLink";
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
  /** Where what is next is done. */
  project: Project;
  /** What was not picked, and why. */
  notPicked: string | null;
};

/** How the pick stands: made, at another size than the fence, being saved, not saved, or undoable. */
export function PickLine({ unit, weighed, wanted, saving, project, notPicked }: Props) {
  return (
    <div className="flex min-h-7.5 flex-wrap items-center gap-x-5 gap-y-0.5 text-md" role="status">
      {notPicked && (
        <span role="alert" className="field-error">
          <Words>{`Not picked: ${notPicked}`}</Words>
        </span>
      )}
      <Standing unit={unit} weighed={weighed} wanted={wanted} />
      <span className="quiet ml-auto text-sm">
        Next for the project: <NextLink project={project.id} />.
      </span>
      <SavingLine saving={saving} className="ml-auto" />
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
