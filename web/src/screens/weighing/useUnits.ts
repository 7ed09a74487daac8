import { useQueryClient } from "@tanstack/react-query";

import { api, type Project, type Unit, type UnitChanges, type UnitDocument } from "../../api/client";
import { read } from "../../api/reads";
import type { Turn } from "../../saving/steps";
import { putUnit } from "../../saving/turns";
import { type Change, type Done, useSaving } from "../../saving/useSaving";
import { useShowUnit } from "../../saving/useShowing";

/** A method at a size; no method where the pick is taken back. */
type Choice = { method: string | null; spec: UnitDocument };
export type PickChange = Change<Unit> & { choice: Choice };

/** The units of a project: picking their methods, changing them and taking them away, all on one stack of undo. */
export function useUnits(project: Project) {
  const queries = useQueryClient();
  const { queryKey: key } = read.project(project.id);
  const goTo = useShowUnit();
  const show = (unitId: number | string) => goTo(project.id, unitId);
  const put = async (saved: Unit) => {
    // What was asked for before it was saved is out of date when it comes.
    await queries.cancelQueries({ queryKey: key });
    putUnit(saved, queries);
  };
  const saving = useSaving<Unit>(put);

  const units = () => queries.getQueryData<Project>(key)?.units ?? [];
  const latest = (seen: Unit) => units().find((one) => one.id === seen.id) ?? seen;
  const refresh = () => queries.invalidateQueries({ queryKey: key });
  const step = (id: number, back: Turn, again: Turn): Done[] => [{ of: "unit", id, back, again }];

  const picked = (seen: Unit, choice: Choice, said: string): PickChange => ({
    said,
    choice,
    over: () => latest(seen),
    save: (over) => api.pick(over, choice.method, choice.spec),
    then: () => void refresh(),
    steps: (_, before) =>
      step(
        seen.id,
        { do: "pick", with: { method: before.pick?.method ?? null, spec: before.unit } },
        { do: "pick", with: choice },
      ),
  });
  const changed = (seen: Unit, changes: UnitChanges): Change<Unit> => ({
    said: (kept) => `Changed ${kept.label}`,
    over: () => latest(seen),
    save: (over) => api.changeUnit(over, changes),
    then: refresh,
    steps: (_, { label, unit, fabrics }) =>
      step(seen.id, { do: "change", with: { label, unit, fabrics } }, { do: "change", with: changes }),
  });
  const removed = (seen: Unit): Change<Unit> => ({
    said: (away) => `Removed ${away.label}`,
    over: () => latest(seen),
    save: api.takeAway,
    // First to another unit, so that the one that is gone is never shown.
    then: async (away) => {
      await show(units().find((other) => other.id !== away.id)?.id ?? "none");
      await refresh();
    },
    steps: () => step(seen.id, { do: "back" }, { do: "remove" }),
  });

  return {
    saving,
    pick: (unit: Unit, method: string, spec: UnitDocument, said: string) =>
      saving.start(picked(unit, { method, spec }, said)),
    unpick: (unit: Unit, said: string) => saving.start(picked(unit, { method: null, spec: unit.unit }, said)),
    change: async (unit: Unit, changes: UnitChanges) => {
      const kept = await saving.save(changed(unit, changes));
      if (kept) await show(kept.id);
    },
    takeAway: (unit: Unit) => saving.start(removed(unit)),
  };
}

export type Units = ReturnType<typeof useUnits>;
