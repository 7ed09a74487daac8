import { useMutation } from "@tanstack/react-query";
import { useState } from "react";

import { useAway } from "../api/away";
import { ApiError } from "../api/client";
import { useHistory, type Way } from "./useHistory";

/** One change that is saved over what this window knows, so that nothing is saved over what another window did. */
export type Change<Seen> = {
  /** What is done, in words: "Picked Two at a time". */
  said: string | ((kept: Seen) => string);
  /** What it is saved over, asked for when its turn comes: what was saved before it may have changed that. */
  over: () => Seen;
  save: (over: Seen) => Promise<Seen>;
  /** What takes it back; nothing where nothing does. */
  back?: (kept: Seen, before: Seen) => Change<Seen>;
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
type Run<Seen> = { change: Change<Seen>; way: Way; theirs?: Seen };
type Clash<Seen> = { theirs: Seen; mine: Run<Seen>; asking: boolean };

/**
 * The one way to save: changes of a scope are saved one after another, undone and done again; and where another window saved first, she chooses which is to stand.
 */
export function useSaving<Seen>(scope: string, keep: (kept: Seen, before: Seen) => unknown) {
  const history = useHistory<Change<Seen>>(scope);
  const away = useAway();
  const [clash, setClash] = useState<Clash<Seen> | null>(null);
  const saving = useMutation({
    scope: { id: scope },
    mutationFn: async ({ change, theirs }: Run<Seen>) => {
      const before = theirs ?? change.over();
      const kept = await change.save(before);
      await keep(kept, before);
      await change.then?.(kept);
      return { kept, before };
    },
    onSuccess: ({ kept, before }, { change, way }) => {
      // One that was put off stands, whatever else is saved in the meantime.
      setClash((before) => (before?.mine.change === change ? null : before));
      history.note(way, wordsOf(change, kept), change.back?.(kept, before));
    },
    onError: (error, mine) => {
      mine.change.failed?.(error);
      if (clashes(error)) setClash({ theirs: error.current as Seen, mine, asking: true });
    },
  });
  const run = (mine: Run<Seen>) => saving.mutate(mine);
  const turn = (way: Way, change: Change<Seen> | undefined) => {
    if (change && !saving.isPending) run({ change, way });
  };
  const failed = saving.isError && !clash ? saving.error : null;

  return {
    pending: saving.isPending,
    /** Why it is still being tried. */
    waitsFor: saving.isPending ? away : null,
    failed,
    /** What went wrong, where no form says it. */
    trouble: saving.variables?.change.inForm ? null : failed,
    done: history.last,
    canUndo: history.undo !== undefined,
    canRedo: history.redo !== undefined,
    clash: clash && {
      theirs: clash.theirs,
      change: clash.mine.change,
      asking: clash.asking,
      versions: clash.mine.change.versions?.(clash.theirs),
    },
    start: (change: Change<Seen>) => run({ change, way: "do" }),
    /** The same for a form that stays open until it is saved; a clash is asked about over it. */
    save: async (change: Change<Seen>) => {
      try {
        return (await saving.mutateAsync({ change: { ...change, inForm: true }, way: "do" })).kept;
      } catch (error) {
        if (!clashes(error)) throw error;
      }
    },
    again: () => saving.variables && run(saving.variables),
    undo: () => turn("undo", history.undo),
    redo: () => turn("redo", history.redo),
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

/** Saving whatever it is, as it is shown. */
export type Saving = Omit<ReturnType<typeof useSaving<unknown>>, "start" | "save" | "clash"> & {
  clash: { asking: boolean; versions?: Versions } | null;
};

function wordsOf<Seen>({ said }: Change<Seen>, kept: Seen): string {
  return typeof said === "string" ? said : said(kept);
}

function clashes(error: unknown): error is ApiError {
  return error instanceof ApiError && error.status === 409 && error.current !== undefined;
}
