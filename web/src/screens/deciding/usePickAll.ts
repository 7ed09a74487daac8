import { useQueryClient } from "@tanstack/react-query";

import { api, type ChosenChange, type PickedChange, type Project } from "../../api/client";
import { OF_ALL_KEPT } from "../../api/reads";
import { counted } from "../../parts/plural";
import { called } from "../../saving/steps";
import { type Kept, putUnit } from "../../saving/turns";
import { useSaving } from "../../saving/useSaving";
import { called as nameOf } from "./called";

/** Picks for all the units of some changes at once: one step to take back. */
export function usePickAll(project: Project) {
  const queries = useQueryClient();
  const saving = useSaving<Kept>(({ parts }) => parts?.forEach((unit) => putUnit(unit, queries)));
  const pick = (changes: ChosenChange[]) => {
    const turns = changes.flatMap((change) => turnsOf(project, change));
    saving.start({
      said: `Picked methods for ${counted(turns.length, "unit")}`,
      over: () => ({ id: project.id, lock_version: project.lock_version }),
      save: async (over) => ({ ...over, parts: (await api.pickAll(project.id, turns)).units }),
      then: () => Promise.all(OF_ALL_KEPT.map((queryKey) => queries.invalidateQueries({ queryKey }))),
      steps: (kept) => [
        {
          of: "project",
          id: project.id,
          back: { do: "picks", with: turns.map(({ id, from, to }) => ({ id, from: to, to: from })) },
          again: { do: "picks", with: turns },
          parts: (kept.parts ?? []).map((unit) => ({
            of: "unit",
            id: unit.id,
            before: called(project.units.find(({ id }) => id === unit.id)?.lock_version ?? 0),
            after: called(unit.lock_version),
          })),
        },
      ],
    });
  };
  return { saving, pick };
}

function turnsOf(project: Project, { unit, units, to }: ChosenChange): PickedChange[] {
  return project.units
    .filter((one) => (units ?? [unit]).includes(nameOf(project, one)))
    .map(({ id, unit: spec, pick }) => ({
      id,
      from: { method: pick?.method ?? null, unit: spec },
      to: { method: to, unit: spec },
    }));
}
