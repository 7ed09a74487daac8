import { useEffect, useRef } from "react";

import { useStable } from "../parts/useStable";
import { useSaving } from "./useSaving";

const SAVED_AFTER = 500;
/** Loaded anew or closed, and put aside on a telephone, where nothing tells that a page is closed. */
const LEAVING = ["beforeunload", "pagehide"];

type Resting<Thing, State> = {
  scope: string;
  /** What was stored when the page was opened, and what stands on the page now. */
  stored: Thing;
  now: State;
  save: (seen: Thing, state: State) => Promise<Thing>;
  /** What stands on the page of what another window saved. */
  stateOf: (thing: Thing) => unknown;
  onSaved: () => void;
};

/** Saves what stands on a page when the hand rests. */
export function useResting<Thing, State>({
  scope,
  stored,
  now,
  save,
  stateOf,
  onSaved,
}: Resting<Thing, State>) {
  const seen = useRef(stored);
  const saved = useRef<State>(now);
  const saving = useSaving<Thing>(scope, (kept) => {
    seen.current = kept;
    onSaved();
  });
  const clashes = saving.clash !== null;
  // While two windows differ nothing more is saved; then whatever stands there by then.
  const keep = useStable(() => {
    if (now === saved.current || clashes) return;
    saved.current = now;
    saving.start({
      said: "Saved",
      versions: (theirs) => ({ theirs: stateOf(theirs), mine: now }),
      over: () => seen.current,
      save: (over) => save(over, now),
    });
  });

  useEffect(() => {
    const timer = setTimeout(keep, SAVED_AFTER);
    return () => clearTimeout(timer);
  }, [now, clashes, keep]);
  // Whoever leaves the page before the hand has rested has it saved all the same, whether to another screen or out of the window.
  useEffect(() => {
    LEAVING.forEach((leaving) => window.addEventListener(leaving, keep));
    return () => {
      LEAVING.forEach((leaving) => window.removeEventListener(leaving, keep));
      keep();
    };
  }, [keep]);

  return {
    saving,
    /** What the other window saved stands: it is what is worked on from here. */
    keepTheirs: (state: State) => {
      saved.current = state;
      saving.keepTheirs();
    },
  };
}
