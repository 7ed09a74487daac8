import { type QueryKey, useQuery, useQueryClient, type UseQueryOptions } from "@tanstack/react-query";

import type { Schemas, Versioned } from "../api/client";
import { OF_ALL_KEPT } from "../api/reads";
import type { Of, Turn } from "./steps";
import { type Change, type Done, useSaving } from "./useSaving";

/** Where things of one sort are kept: tools, fabrics. */
export type Store<Thing extends Versioned, Given> = {
  of: Of;
  add: (given: Given) => Promise<Thing>;
  change: (seen: Thing, given: Given) => Promise<Thing>;
  remove: (seen: Thing) => Promise<Thing | null>;
  /** Whether what was removed can be put back; else it is added again. */
  comesBack?: boolean;
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
  const refresh = async () => {
    await queries.invalidateQueries({ queryKey: read.queryKey });
    for (const queryKey of OF_ALL_KEPT) await queries.invalidateQueries({ queryKey });
  };
  const saving = useSaving<Thing | null>(refresh);
  // As this window knows it by now.
  const latest = (seen: Thing): Thing => list().find((one) => one.id === seen.id) ?? seen;
  const { of } = store;
  /** There and back, to whichever thing it was done to. */
  const step = (id: number, back: Turn, again: Turn): Done[] => [{ of, id, back, again }];

  const changed = (seen: Thing, given: Given, said?: string): Change<Thing | null> => ({
    said: (kept) => said ?? `Changed ${store.name(kept ?? seen)}`,
    versions: (theirs) => ({ theirs, mine: given }),
    over: () => latest(seen),
    save: (over) => store.change(over ?? latest(seen), given),
    steps: (kept, before) =>
      step(
        (kept ?? seen).id,
        { do: "change", with: store.given(before ?? seen) },
        { do: "change", with: given },
      ),
  });
  const added = (add: () => Promise<Thing>, said = "Added"): Change<Thing | null> => ({
    said: (one) => (one ? `${said} ${store.name(one)}` : said),
    over: () => null,
    save: add,
    steps: (kept) => (kept ? step(kept.id, { do: "remove" }, putBack(kept)) : []),
  });
  const removed = (seen: Thing): Change<Thing | null> => ({
    said: `Removed ${store.name(seen)}`,
    over: () => latest(seen),
    save: async (over) => (await store.remove(over ?? latest(seen))) ?? over,
    steps: (kept) => step(seen.id, putBack(kept ?? seen), { do: "remove" }),
  });
  const putBack = (thing: Thing): Turn =>
    store.comesBack ? { do: "back" } : { do: "add", with: store.given(thing) };

  return {
    list: asked.data ?? [],
    opened: asked.isSuccess,
    failed: asked.error,
    saving,
    /** What the thing that two windows changed is called. */
    clashing: saving.clash?.theirs ? store.name(saving.clash.theirs) : "It",
    refresh,
    add: async (given: Given) => saving.save(added(() => store.add(given))),
    /** Another like one that is there. */
    copy: (copied: () => Promise<Thing>) => saving.start(added(copied, "Copied: now there is")),
    /** In words of its own, where it is more than a change. */
    change: (seen: Thing, given: Given, said?: string) => saving.save(changed(seen, given, said)),
    remove: (seen: Thing) => saving.start(removed(seen)),
    /** Another change than of what it is told by, there and back. */
    did: (said: string, seen: Thing, save: (over: Thing) => Promise<Thing>, back: Turn, again: Turn) =>
      saving.start({
        said,
        over: () => latest(seen),
        save: (over) => save(over ?? latest(seen)),
        steps: () => step(seen.id, back, again),
      }),
  };
}

export type Stored<Thing extends Versioned, Given> = ReturnType<
  typeof useStored<Thing, Given, unknown, QueryKey>
>;
