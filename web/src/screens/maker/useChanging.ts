import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";

import { api, ApiError, type Maker, type Parameter } from "../../api/client";
import { ANY_PROJECT, read } from "../../api/reads";
import { type Change, useSaving } from "../../saving/useSaving";

type Profile = Maker["profile"];
type Edit = (profile: Profile) => Profile;
export type Known = { value: number | string; count?: number | string };

/** Changing a profile value by value, each of which can be undone. */
export function useChanging(maker: Maker) {
  const queries = useQueryClient();
  const { queryKey: key } = read.maker();
  // What was refused stays said until that very thing is changed.
  const [refused, setRefused] = useState<Record<string, string>>({});
  const saving = useSaving<Maker>((saved) => {
    queries.setQueryData<Maker>(key, saved);
    void queries.invalidateQueries({ queryKey: ANY_PROJECT });
  });
  const refuse = (at: string, message: string) => setRefused((before) => ({ ...before, [at]: message }));

  /** A change of the profile as it then stands, and the pointer to what is changed in it. */
  const change = (edit: Edit, said: string, at: string): Change<Maker> => ({
    said,
    over: () => queries.getQueryData<Maker>(key) ?? maker,
    save: ({ lock_version, profile }) => api.changeMaker({ lock_version, profile: edit(profile) }),
    versions: (theirs) => ({ theirs: theirs.profile, mine: edit(theirs.profile) }),
    steps: (kept, before) => [
      {
        of: "hands",
        id: 0,
        back: { do: "change", with: { profile: before.profile } },
        again: { do: "change", with: { profile: kept.profile } },
      },
    ],
    then: () => refuse(at, ""),
    failed: (error) => {
      const fault = error instanceof ApiError && error.faults.find(({ pointer }) => pointer.startsWith(at));
      if (fault) refuse(at, fault.message);
    },
  });
  // What a field says is not said once more.
  const saidByField = saving.failed instanceof ApiError && saving.failed.faults.length > 0;

  return {
    saving: { ...saving, trouble: saidByField ? null : saving.trouble },
    errorAt: (pointer: string) => refused[pointer] || undefined,
    measure: (parameter: Parameter, known: Known | null, said: string) =>
      saving.start(change((profile) => withValue(profile, parameter, known), said, pointerTo(parameter))),
    choose: (name: string, value: unknown, said: string) =>
      saving.start(change((profile) => ({ ...profile, [name]: value }), said, `/profile/${name}`)),
    learn: (profile: Profile, said: string) => saving.start(change(() => profile, said, "")),
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
