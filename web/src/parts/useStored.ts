import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";

import { ApiError } from "../api/client";

/** What is kept with a version, so that nothing is saved over what another window saved. */
export type Versioned = { id: number; lock_version: number };

/** Where things of one sort are kept: tools, fabrics. */
export type Store<Thing extends Versioned, Given> = {
  key: string;
  list: () => Promise<Thing[]>;
  add: (given: Given, others: Thing[]) => Promise<Thing>;
  change: (seen: Thing, given: Given) => Promise<Thing>;
  remove: (seen: Thing) => Promise<unknown>;
  /** Brings back what was removed, by what removing it gave; without it, it is added again. */
  putBack?: (removed: unknown) => Promise<unknown>;
  name: (thing: Thing) => string;
  /** What it would be added again by. */
  given: (thing: Thing) => Given;
};

/** What was done last, and what takes it back. */
type Done = { said: string; back: () => Promise<unknown> };

/** A list of things that are kept: adding, changing and removing one, and taking back what was done last. */
export function useStored<Thing extends Versioned, Given>(store: Store<Thing, Given>) {
  type Save = (over: Thing) => Promise<void>;
  const queries = useQueryClient();
  const asked = useQuery({ queryKey: [store.key], queryFn: store.list, staleTime: 0 });
  const [done, setDone] = useState<Done | null>(null);
  const [clash, setClash] = useState<{ theirs: Thing; again: Save } | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const list = asked.data ?? [];

  const refresh = async () => {
    await queries.invalidateQueries({ queryKey: [store.key] });
    await queries.invalidateQueries({ queryKey: ["project"] });
  };
  const say = async (what: Done | null) => {
    setTrouble(null);
    setDone(what);
    await refresh();
  };
  // Over another window's change nothing is saved without asking.
  const over = async (seen: Thing, save: Save) => {
    try {
      await save(seen);
      setClash(null);
    } catch (error) {
      if (!(error instanceof ApiError) || error.status !== 409 || !error.current) throw error;
      setClash({ theirs: error.current as Thing, again: save });
    }
  };
  const orSay = async (work: Promise<unknown>) => {
    try {
      await work;
    } catch (error) {
      setTrouble(error instanceof ApiError ? error.message : "That could not be done.");
    }
  };

  const add = async (given: Given) => {
    const added = await store.add(given, list);
    await say({ said: `Added ${store.name(added)}`, back: () => store.remove(added) });
    return added;
  };
  const change = (given: Given) => async (seen: Thing) => {
    const saved = await store.change(seen, given);
    await say({
      said: `Changed ${store.name(saved)}`,
      back: () => store.change(saved, store.given(seen)),
    });
  };
  const remove = async (seen: Thing) => {
    const removed = await store.remove(seen);
    await say({
      said: `Removed ${store.name(seen)}`,
      back: () => store.putBack?.(removed) ?? store.add(store.given(seen), []),
    });
  };
  // Another change than of what it is told by; back is the same the other way round.
  const did = (
    said: string,
    seen: Thing,
    work: (over: Thing) => Promise<Thing>,
    undone: (over: Thing) => Promise<Thing>,
  ) =>
    orSay(
      over(seen, async (one) => {
        const saved = await work(one);
        await say({ said, back: () => undone(saved) });
      }),
    );
  const undo = async () => {
    await done?.back();
    await say(null);
  };

  return {
    list,
    opened: asked.isSuccess,
    away: asked.failureReason,
    done: done?.said,
    trouble,
    clash: clash && store.name(clash.theirs),
    add,
    refresh,
    did,
    change: (seen: Thing, given: Given) => over(seen, change(given)),
    remove: (seen: Thing) => orSay(over(seen, remove)),
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

export type Stored<Thing extends Versioned, Given> = ReturnType<typeof useStored<Thing, Given>>;
