import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";

import { api, ApiError, type Maker, type Parameter } from "../../api/client";

type Profile = Maker["profile"];
/** A change of the profile, and the pointer to what was changed in it. */
type Change = { over: Maker; profile: Profile; said: string; at: string };
export type Known = { value: number | string; count?: number | string };
export type MakerClash = { theirs: Maker; mine: Change };

/** Changing a profile value by value, each of which can be undone; nothing is saved over another window. */
export function useChanging(maker: Maker) {
  const queries = useQueryClient();
  const [undoable, setUndoable] = useState<{ said: string; back: Profile } | null>(null);
  const [clash, setClash] = useState<MakerClash | null>(null);
  // What was refused stays said until that very thing is changed.
  const [refused, setRefused] = useState<Record<string, string>>({});

  const keep = (saved: Maker) => {
    queries.setQueryData(["maker"], saved);
    void queries.invalidateQueries({ queryKey: ["project"] });
  };
  const saving = useMutation({
    mutationFn: ({ over, profile }: Change) => api.changeMaker({ lock_version: over.lock_version, profile }),
    retry: (failures, error) => failures < 15 && error instanceof ApiError && error.status === 503,
    retryDelay: 1000,
    onSuccess: (saved, { over, said, at }) => {
      keep(saved);
      setRefused((before) => ({ ...before, [at]: "" }));
      setClash(null);
      setUndoable({ said, back: over.profile });
    },
    onError: (error, change) => {
      if (error instanceof ApiError && error.status === 409 && error.current)
        setClash({ theirs: error.current as Maker, mine: change });
      const fault =
        error instanceof ApiError && error.faults.find((one) => one.pointer.startsWith(change.at));
      if (fault) setRefused((before) => ({ ...before, [change.at]: fault.message }));
    },
  });
  const save = (profile: Profile, said: string, at: string) =>
    saving.mutate({ over: maker, profile, said, at });
  const errors = saving.error instanceof ApiError ? saving.error : null;

  return {
    saving,
    undoable,
    clash,
    /** Whether what went wrong is said by no field. */
    elsewhere: errors === null || (errors.faults.length === 0 && !clash),
    errorAt: (pointer: string) => refused[pointer] || undefined,
    measure: (parameter: Parameter, known: Known | null, said: string) =>
      save(withValue(maker.profile, parameter, known), said, pointerTo(parameter)),
    choose: (name: string, value: unknown, said: string) =>
      save({ ...maker.profile, [name]: value }, said, `/profile/${name}`),
    undo: () => {
      if (undoable && !saving.isPending) save(undoable.back, `Undone: ${undoable.said}`, "");
    },
    keepTheirs: () => {
      if (clash) keep(clash.theirs);
      setClash(null);
      saving.reset();
    },
    keepMine: () => clash && saving.mutate({ ...clash.mine, over: clash.theirs }),
  };
}

export type Changing = ReturnType<typeof useChanging>;

/** The pointer to a value in what is sent. */
export function pointerTo(parameter: Parameter): string {
  return parameter.group === "time" ? `/profile/${parameter.name}` : `/profile/errors/${parameter.name}`;
}

function withValue(profile: Profile, parameter: Parameter, known: Known | null): Profile {
  if (parameter.group === "time") return set(profile, parameter.name, known);
  return { ...profile, errors: set((profile.errors ?? {}) as Profile, parameter.name, known) };
}

// A value put back to what is assumed is not there at all.
function set(values: Profile, name: string, known: Known | null): Profile {
  const rest = Object.fromEntries(Object.entries(values).filter(([key]) => key !== name));
  return known ? { ...rest, [name]: known } : rest;
}
