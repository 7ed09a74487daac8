import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";

import { api, ApiError, type Maker, type Parameter } from "../../api/client";

type Profile = Maker["profile"];
/** A change of the profile as it then stands, and the pointer to what is changed in it. */
type Change = { edit: (profile: Profile) => Profile; said: string; at: string };
export type Known = { value: number | string; count?: number | string };
type Clash = { theirs: Maker; mine: Change };

/** Changing a profile value by value, each of which can be undone; nothing is saved over another window. */
export function useChanging(maker: Maker) {
  const queries = useQueryClient();
  const [undoable, setUndoable] = useState<{ said: string; back: Profile } | null>(null);
  const [clash, setClash] = useState<Clash | null>(null);
  // What was refused stays said until that very thing is changed.
  const [refused, setRefused] = useState<Record<string, string>>({});

  const seen = () => queries.getQueryData<Maker>(["maker"]) ?? maker;
  const keep = (saved: Maker) => {
    queries.setQueryData(["maker"], saved);
    void queries.invalidateQueries({ queryKey: ["project"] });
  };
  const saving = useMutation({
    // One after another, each upon what the one before left.
    scope: { id: "maker" },
    mutationFn: async ({ edit }: Change) => {
      const { profile, lock_version } = seen();
      return { back: profile, saved: await api.changeMaker({ lock_version, profile: edit(profile) }) };
    },
    retry: (failures, error) => failures < 15 && error instanceof ApiError && error.status === 503,
    retryDelay: 1000,
    onSuccess: ({ back, saved }, { said, at }) => {
      keep(saved);
      setRefused((before) => ({ ...before, [at]: "" }));
      setClash(null);
      setUndoable({ said, back });
    },
    onError: (error, change) => {
      if (!(error instanceof ApiError)) return;
      if (error.status === 409 && error.current) setClash({ theirs: error.current as Maker, mine: change });
      const fault = error.faults.find((one) => one.pointer.startsWith(change.at));
      if (fault) setRefused((before) => ({ ...before, [change.at]: fault.message }));
    },
  });
  const errors = saving.error instanceof ApiError ? saving.error : null;

  return {
    saving,
    undoable,
    clash,
    /** Whether what went wrong is said by no field. */
    elsewhere: errors === null || (errors.faults.length === 0 && !clash),
    errorAt: (pointer: string) => refused[pointer] || undefined,
    measure: (parameter: Parameter, known: Known | null, said: string) =>
      saving.mutate({
        edit: (profile) => withValue(profile, parameter, known),
        said,
        at: pointerTo(parameter),
      }),
    choose: (name: string, value: unknown, said: string) =>
      saving.mutate({ edit: (profile) => ({ ...profile, [name]: value }), said, at: `/profile/${name}` }),
    learn: (profile: Profile, said: string) => saving.mutate({ edit: () => profile, said, at: "" }),
    undo: () => {
      if (!undoable || saving.isPending) return;
      saving.mutate({ edit: () => undoable.back, said: `Undone: ${undoable.said}`, at: "" });
    },
    keepTheirs: () => {
      if (clash) keep(clash.theirs);
      setClash(null);
      saving.reset();
    },
    keepMine: () => {
      if (!clash) return;
      keep(clash.theirs);
      saving.mutate(clash.mine);
    },
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
