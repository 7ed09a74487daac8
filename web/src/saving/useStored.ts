import { type QueryKey, useQuery, useQueryClient, type UseQueryOptions } from "@tanstack/react-query";
import { useRef } from "react";

import type { Schemas } from "../api/client";
import { OF_ALL_KEPT } from "../api/reads";
import { type Change, useSaving } from "./useSaving";

/** What is kept with a version, so that nothing is saved over what another window saved. */
export type Versioned = { id: number; lock_version: number };

/** Where things of one sort are kept: tools, fabrics. */
export type Store<Thing extends Versioned, Given> = {
  key: string;
  add: (given: Given, others: Thing[]) => Promise<Thing>;
  change: (seen: Thing, given: Given) => Promise<Thing>;
  remove: (seen: Thing) => Promise<Thing | null>;
  /** Brings back what was removed, by what removing it gave; without it, it is added again. */
  putBack?: (removed: Thing) => Promise<Thing>;
  name: (thing: Thing) => string;
  /** What it would be added again by. */
  given: (thing: Thing) => Given;
};

/** A list of things that are kept: adding, changing and removing one, each of which can be undone. */
export function useStored<Thing extends Versioned, Given, Read, Key extends QueryKey>(
  store: Store<Thing, Given>,
  read: UseQueryOptions<Read, Schemas["Problem"], Thing[], Key>,
) {
  const queries = useQueryClient();
  const asked = useQuery({ ...read, staleTime: 0 });
  // As it is known by now, whether or not it is on the page yet.
  const list = () => {
    const known = queries.getQueryData<Read>(read.queryKey);
    return (known && read.select?.(known)) ?? [];
  };
  // What was removed and added again has another id: what was done to it before is told by the one it had.
  const ids = useRef(new Map<number, number>());

  const refresh = async () => {
    await queries.invalidateQueries({ queryKey: read.queryKey });
    for (const queryKey of OF_ALL_KEPT) await queries.invalidateQueries({ queryKey });
  };
  const saving = useSaving<Thing | null>(store.key, refresh);
  // As this window knows it by now.
  const latest = (seen: Thing): Thing => {
    const id = ids.current.get(seen.id) ?? seen.id;
    return list().find((one) => one.id === id) ?? seen;
  };

  const did = (
    said: string,
    seen: Thing,
    work: (over: Thing) => Promise<Thing>,
    undone: (over: Thing) => Promise<Thing>,
  ): Change<Thing | null> => ({
    said,
    over: () => latest(seen),
    save: (over) => work(over ?? latest(seen)),
    back: () => did(said, seen, undone, work),
  });
  const changed = (seen: Thing, given: Given, said?: string): Change<Thing | null> => ({
    said: (kept) => said ?? `Changed ${store.name(kept ?? seen)}`,
    versions: (theirs) => ({ theirs, mine: given }),
    over: () => latest(seen),
    save: (over) => store.change(over ?? latest(seen), given),
    back: (kept, before) => changed(kept ?? seen, store.given(before ?? seen), said),
  });
  const added = (
    given: Given,
    as: Thing | null = null,
    add: () => Promise<Thing> = () => store.add(given, list()),
    said = "Added",
  ): Change<Thing | null> => ({
    said: (one) => (one ? `${said} ${store.name(one)}` : said),
    over: () => null,
    save: async () => {
      const one = await add();
      if (as) ids.current.set(as.id, one.id);
      return one;
    },
    back: (kept) => removed(kept as Thing),
  });
  const removed = (seen: Thing): Change<Thing | null> => ({
    said: `Removed ${store.name(seen)}`,
    over: () => latest(seen),
    save: async (over) => (await store.remove(over ?? latest(seen))) ?? over,
    back: (kept) => (store.putBack ? returned(kept ?? seen) : added(store.given(seen), seen)),
  });
  const returned = (away: Thing): Change<Thing | null> => ({
    said: `Put back ${store.name(away)}`,
    over: () => away,
    save: (over) => store.putBack?.(over ?? away) ?? Promise.resolve(away),
    back: () => removed(away),
  });

  return {
    list: asked.data ?? [],
    opened: asked.isSuccess,
    failed: asked.error,
    saving,
    /** What the thing that two windows changed is called. */
    clashing: saving.clash?.theirs ? store.name(saving.clash.theirs) : "It",
    refresh,
    add: async (given: Given) => saving.save(added(given)),
    /** Another like one that is there. */
    copy: (seen: Thing, copied: () => Promise<Thing>) =>
      saving.start(added(store.given(seen), null, copied, "Copied: now there is")),
    /** In words of its own, where it is more than a change. */
    change: (seen: Thing, given: Given, said?: string) => saving.save(changed(seen, given, said)),
    remove: (seen: Thing) => saving.start(removed(seen)),
    /** Another change than of what it is told by; back is the same the other way round. */
    did: (...told: Parameters<typeof did>) => saving.start(did(...told)),
  };
}

export type Stored<Thing extends Versioned, Given> = ReturnType<
  typeof useStored<Thing, Given, unknown, QueryKey>
>;
