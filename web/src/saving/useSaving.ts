import { useMutation } from "@tanstack/react-query";
import { useState } from "react";

import { useAway } from "../api/away";
import { ApiError } from "../api/client";
import { called, did, type Step } from "./steps";
import { note, useHistory } from "./useHistory";

/** One change that is saved over what this window knows, so that nothing is saved over what another window did. */
export type Change<Seen> = {
  /** What is done, in words: "Picked Two at a time". */
  said: string | ((kept: Seen) => string);
  /** What it is saved over, asked for when its turn comes: what was saved before it may have changed that. */
  over: () => Seen;
  save: (over: Seen) => Promise<Seen>;
  /** The steps by which it is taken back and done again, in the order they were made; none where nothing takes it back. */
  steps?: (kept: Seen, before: Seen) => Done[];
  /** What is to be seen once it is saved, and what where it is not. */
  then?: (kept: Seen) => unknown;
  failed?: (error: Error) => void;
  /** What another window made of it, and what this change would: to be held against each other. */
  versions?: (theirs: Seen) => Versions;
  /** Whether a form is open that says itself what is wrong with it. */
  inForm?: boolean;
};

/** What is said there and here of one thing. */
export type Versions = { theirs: unknown; mine: unknown };
/** A step as whoever makes it tells it. */
export type Done = Pick<Step, "of" | "id" | "back" | "again" | "parts">;
type Run<Seen> = { change: Change<Seen>; theirs?: Seen };
type Clash<Seen> = { theirs: Seen; mine: Run<Seen>; asking: boolean };

/** Whatever is saved at a bench is saved one after another. */
export const ONE_AFTER_ANOTHER = { id: "bench" };

/** The one way to save: over what this window knows; and where another window saved first, she chooses which is to stand. */
export function useSaving<Seen>(keep: (kept: Seen, before: Seen) => unknown) {
  const { last } = useHistory();
  const away = useAway();
  const [clash, setClash] = useState<Clash<Seen> | null>(null);
  const saving = useMutation({
    scope: ONE_AFTER_ANOTHER,
    mutationFn: async ({ change, theirs }: Run<Seen>) => {
      const before = theirs ?? change.over();
      const kept = await change.save(before);
      await keep(kept, before);
      noteDone(change, kept, before);
      await change.then?.(kept);
      return kept;
    },
    // One that was put off stands, whatever else is saved in the meantime.
    onSuccess: (_, { change }) => setClash((before) => (before?.mine.change === change ? null : before)),
    onError: (error, mine) => {
      mine.change.failed?.(error);
      if (clashes(error)) setClash({ theirs: error.current as Seen, mine, asking: true });
    },
  });
  const run = (mine: Run<Seen>) => saving.mutate(mine);
  const failed = saving.isError && !clash ? saving.error : null;

  return {
    pending: saving.isPending,
    /** Why it is still being tried. */
    waitsFor: saving.isPending ? away : null,
    failed,
    /** What went wrong, where no form says it. */
    trouble: saving.variables?.change.inForm ? null : failed,
    done: last,
    clash: clash && {
      theirs: clash.theirs,
      change: clash.mine.change,
      asking: clash.asking,
      versions: clash.mine.change.versions?.(clash.theirs),
    },
    start: (change: Change<Seen>) => run({ change }),
    /** The same for a form that stays open until it is saved; a clash is asked about over it. */
    save: async (change: Change<Seen>) => {
      try {
        return await saving.mutateAsync({ change: { ...change, inForm: true } });
      } catch (error) {
        if (!clashes(error)) throw error;
      }
    },
    again: () => saving.variables && run(saving.variables),
    keepTheirs: () => {
      if (clash) void keep(clash.theirs, clash.theirs);
      setClash(null);
      saving.reset();
    },
    keepMine: () => clash && run({ ...clash.mine, theirs: clash.theirs }),
    /** Neither for now: it stands as not saved, and she may look at it again. */
    putOff: () => setClash((before) => before && { ...before, asking: false }),
    askAgain: () => setClash((before) => before && { ...before, asking: true }),
  };
}

/** What was saved can be taken back, step by step; what cannot is passed by. */
function noteDone<Seen>(change: Change<Seen>, kept: Seen, before: Seen): void {
  const said = wordsOf(change, kept);
  const steps = change.steps?.(kept, before) ?? [];
  const [from, to] = [versionOf(before), versionOf(kept)];
  note((history) => {
    const all = steps.reduce((history, step, i) => {
      const between = (place: number) => `${to ?? ""}:${place}`;
      return did(history, {
        ...step,
        said,
        before: i === 0 ? called(from ?? 0) : between(i),
        after: i === steps.length - 1 ? called(to ?? 0) : between(i + 1),
        version: to ?? from ?? 0,
      });
    }, history);
    return { ...all, last: said };
  });
}

function versionOf(thing: unknown): number | undefined {
  const version = (thing as { lock_version?: unknown } | null)?.lock_version;
  return typeof version === "number" ? version : undefined;
}

/** Saving whatever it is, as it is shown. */
export type Saving = Omit<ReturnType<typeof useSaving<unknown>>, "start" | "save" | "clash"> & {
  clash: { asking: boolean; versions?: Versions } | null;
};

function wordsOf<Seen>({ said }: Change<Seen>, kept: Seen): string {
  return typeof said === "string" ? said : said(kept);
}

/** Whether something else was saved there in the meantime. */
export function clashes(error: unknown): error is ApiError {
  return error instanceof ApiError && error.status === 409 && error.current !== undefined;
}
