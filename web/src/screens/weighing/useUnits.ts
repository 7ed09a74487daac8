import { useQueryClient } from "@tanstack/react-query";
import { useNavigate } from "react-router";

import { api, type Project, type Unit, type UnitChanges, type UnitDocument } from "../../api/client";
import { read } from "../../api/reads";
import { type Change, useSaving } from "../../saving/useSaving";

/** A method at a size; no method where the pick is taken back. */
type Choice = { method: string | null; spec: UnitDocument };
export type PickChange = Change<Unit> & { choice: Choice };

/** The units of a project: picking their methods, changing them and taking them away, all on one stack of undo. */
export function useUnits(project: Project) {
  const queries = useQueryClient();
  const { queryKey: key } = read.project(project.id);
  const show = useShowing(project.id);
  const put = async (saved: Unit) => {
    // What was asked for before it was saved is out of date when it comes.
    await queries.cancelQueries({ queryKey: key });
    queries.setQueryData<Project>(
      key,
      (before) =>
        before && { ...before, units: before.units.map((one) => (one.id === saved.id ? saved : one)) },
    );
  };
  const saving = useSaving<Unit>(`project/${project.id}`, put);

  const units = () => queries.getQueryData<Project>(key)?.units ?? [];
  const latest = (seen: Unit) => units().find((one) => one.id === seen.id) ?? seen;
  const refresh = () => queries.invalidateQueries({ queryKey: key });

  const picked = (seen: Unit, choice: Choice, said: string): PickChange => ({
    said,
    choice,
    over: () => latest(seen),
    save: (over) => api.pick(over, choice.method, choice.spec),
    then: () => void refresh(),
    back: (_, before) =>
      shown(picked(seen, { method: before.pick?.method ?? null, spec: before.unit }, said)),
  });
  const changed = (seen: Unit, changes: UnitChanges): Change<Unit> => ({
    said: (kept) => `Changed ${kept.label}`,
    over: () => latest(seen),
    save: (over) => api.changeUnit(over, changes),
    then: refresh,
    back: (_, { label, unit, fabrics }) => shown(changed(seen, { label, unit, fabrics })),
  });
  const takenAway = (seen: Unit): Change<Unit> => ({
    said: (away) => `Removed ${away.label}`,
    over: () => latest(seen),
    save: api.takeAway,
    // First to another unit, so that the one that is gone is never shown.
    then: async (away) => {
      await show(units().find((other) => other.id !== away.id)?.id ?? "none");
      await refresh();
    },
    back: (away) => shown(putBack(away)),
  });
  const putBack = (away: Unit): Change<Unit> => ({
    said: `Put back ${away.label}`,
    over: () => away,
    save: api.putBack,
    then: refresh,
    back: (kept) => takenAway(kept),
  });
  // What is undone is gone to, on whichever unit's screen one is by then.
  const shown = <Kind extends Change<Unit>>(change: Kind): Kind => ({
    ...change,
    then: async (kept: Unit) => {
      await change.then?.(kept);
      await show(kept.id);
    },
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
    takeAway: (unit: Unit) => saving.start(takenAway(unit)),
  };
}

export type Units = ReturnType<typeof useUnits>;

const FENCE = ["finished", "count", "left", "right"];

/** Goes to a unit; on its own screen the fence goes to the unit's size, and all else stays as it is. */
function useShowing(projectId: number) {
  const navigate = useNavigate();
  return async (unitId: number | string) => {
    const { pathname, search } = window.location;
    const there = `/projects/${projectId}/units/${unitId}`;
    if (pathname !== there) return navigate(there);
    const params = new URLSearchParams(search);
    if (!FENCE.some((name) => params.has(name))) return;
    FENCE.forEach((name) => params.delete(name));
    await navigate({ pathname, search: params.toString() }, { replace: true });
  };
}
