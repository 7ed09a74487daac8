import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";

import { api, ApiError, type Project, type Unit, type UnitDocument } from "../../api/client";

import { same } from "./unitDocument";

type Choice = { method: string | null; spec: UnitDocument };
type Undoable = { said: string; back: Choice };
export type Conflict = { theirs: Unit; mine: Choice; said: string };

/** Picking and taking back, each of which can be undone; a save over another window's is never silent. */
export function usePicking(project: Project, unit: Unit, onRestored: (spec: UnitDocument) => void) {
  const queries = useQueryClient();
  const [undoable, setUndoable] = useState<Undoable | null>(null);
  const [conflict, setConflict] = useState<Conflict | null>(null);

  const keep = (saved: Unit) =>
    queries.setQueryData<Project>(
      ["project", String(project.id)],
      (before) =>
        before && { ...before, units: before.units.map((one) => (one.id === saved.id ? saved : one)) },
    );

  const saving = useMutation({
    mutationFn: ({ over, choice }: { over: Unit; choice: Choice; said: string }) => save(over, choice),
    retry: (failures, error) => failures < 15 && error instanceof ApiError && error.status === 503,
    retryDelay: 1000,
    onSuccess: (saved, { over, said }) => {
      keep(saved);
      setConflict(null);
      setUndoable({ said, back: { method: over.pick?.method ?? null, spec: over.unit } });
    },
    onError: (error, { choice, said }) => {
      if (error instanceof ApiError && error.status === 409 && error.current)
        setConflict({ theirs: error.current as Unit, mine: choice, said });
    },
  });

  const undo = () => {
    if (!undoable || saving.isPending) return;
    onRestored(undoable.back.spec);
    saving.mutate({ over: unit, choice: undoable.back, said: `Undone: ${undoable.said}` });
  };

  return {
    saving,
    undoable,
    conflict,
    undo,
    pick: (method: string, spec: UnitDocument, said: string) =>
      saving.mutate({ over: unit, choice: { method, spec }, said }),
    unpick: (said: string) => saving.mutate({ over: unit, choice: { method: null, spec: unit.unit }, said }),
    keepTheirs: () => {
      if (conflict) keep(conflict.theirs);
      setConflict(null);
      saving.reset();
    },
    keepMine: () => {
      if (!conflict) return;
      keep(conflict.theirs);
      saving.mutate({ over: conflict.theirs, choice: conflict.mine, said: conflict.said });
    },
  };
}

export type Picking = ReturnType<typeof usePicking>;

// A choice without a method takes the pick back; the unit's size goes back with it.
async function save(over: Unit, choice: Choice): Promise<Unit> {
  if (choice.method) return api.pick(over, choice.method, choice.spec);
  const unpicked = await api.unpick(over);
  return same(unpicked.unit, choice.spec) ? unpicked : api.changeUnit(unpicked, { unit: choice.spec });
}
