import { Pin as PinIcon } from "lucide-react";

import type { Unit, UnitDocument } from "../../api/client";
import { UndoLine } from "./UndoLine";
import { UnitWords } from "./UnitWords";
import { same } from "./unitDocument";
import type { Picking } from "./usePicking";
import type { UnitChanging } from "./useUnitChanges";
import type { Wanted } from "./useWanted";

type Props = {
  unit: Unit;
  weighed: UnitDocument | undefined;
  wanted: Wanted;
  picking: Picking;
  changing: UnitChanging;
  /** What is next for the project. */
  next: string;
};

/** How the pick stands: made, at another size than the fence, being saved, not saved, or undoable. */
export function PickLine({ unit, weighed, wanted, picking, changing, next }: Props) {
  const said = changing.done?.said ?? (picking.saving.isPending ? undefined : picking.undoable?.said);
  return (
    <div className="pick-line" role="status">
      <Standing unit={unit} weighed={weighed} wanted={wanted} />
      <Saving picking={picking} />
      <span className="quiet head-next">Next for the project: {next}.</span>
      <UndoLine
        said={said}
        trouble={changing.trouble}
        onUndo={() => (changing.done ? void changing.undo() : picking.undo())}
      />
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

function Saving({ picking }: { picking: Picking }) {
  const { saving } = picking;
  if (saving.isPending && saving.failureReason)
    return <span className="field-error">{saving.failureReason.message} Trying again…</span>;
  if (saving.isPending) return <span className="quiet">Saving…</span>;
  if (saving.isError && !picking.conflict)
    return (
      <span role="alert" className="field-error">
        Not saved: {saving.error.message}{" "}
        <button type="button" className="link-button" onClick={() => saving.mutate(saving.variables)}>
          Try again
        </button>
      </span>
    );
  return null;
}

function titleOf(method: string): string {
  return method.replace(/^.*\//, "").replaceAll("_", " ");
}
