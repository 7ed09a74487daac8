import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";

import { api, ApiError, type Project, type Unit, type UnitChanges } from "../../api/client";

/** What was done to the units of a project, and what takes it back. */
type Done = { said: string; back: () => Promise<unknown> };
type Save = (over: Unit) => Promise<void>;

/** Changing a unit, and taking it away: each can be undone, on whichever unit's screen one is by then. */
export function useUnitChanges(project: Project, onChanged: () => void) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [clash, setClash] = useState<{ theirs: Unit; again: Save } | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const key = ["done", project.id];
  const done = useQuery<Done | null>({
    queryKey: key,
    queryFn: () => null,
    initialData: null,
    enabled: false,
  });

  const say = (what: Done | null) => queries.setQueryData(key, what);
  const refresh = () => queries.invalidateQueries({ queryKey: ["project", String(project.id)] });
  const goTo = (id: number | string) => navigate(`/projects/${project.id}/units/${id}`);

  // Over another window's change nothing is saved without asking; what else goes wrong is the caller's to say.
  const over = async (unit: Unit, save: Save) => {
    try {
      await save(unit);
      setClash(null);
    } catch (error) {
      if (!(error instanceof ApiError) || error.status !== 409 || !error.current) throw error;
      setClash({ theirs: error.current as Unit, again: save });
    }
  };
  // What goes wrong where no form is open to say it.
  const orSay = async (work: Promise<unknown>) => {
    try {
      await work;
      setTrouble(null);
    } catch (error) {
      setTrouble(error instanceof ApiError ? error.message : "That could not be done.");
    }
  };

  const change = (changes: UnitChanges) => async (seen: Unit) => {
    const saved = await api.changeUnit(seen, changes);
    await refresh();
    onChanged();
    const { label, unit, fabrics } = seen;
    const back = async () => {
      await api.changeUnit(saved, { label, unit, fabrics });
      await refresh();
      await goTo(saved.id);
    };
    say({ said: `Changed ${saved.label}`, back });
  };
  const takeAway = async (seen: Unit) => {
    const away = await api.takeAway(seen);
    // First to another unit, so that the one that is gone is never shown.
    await goTo(project.units.find((other) => other.id !== seen.id)?.id ?? "none");
    await refresh();
    const back = async () => {
      await api.putBack(away);
      await refresh();
      await goTo(away.id);
    };
    say({ said: `Removed ${seen.label}`, back });
  };
  const undo = async () => {
    await done.data?.back();
    say(null);
  };

  return {
    clash,
    trouble,
    done: done.data,
    forget: () => say(null),
    change: (unit: Unit, changes: UnitChanges) => over(unit, change(changes)),
    takeAway: (unit: Unit) => orSay(over(unit, takeAway)),
    undo: () => orSay(undo()),
    keepTheirs: () => {
      setClash(null);
      void refresh();
    },
    keepMine: () => {
      if (clash) void orSay(over(clash.theirs, clash.again));
    },
  };
}

export type UnitChanging = ReturnType<typeof useUnitChanges>;
