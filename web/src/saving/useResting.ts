import { useEffect, useRef, useState } from "react";

import type { Versioned } from "../api/client";
import { LEAVING } from "../parts/leaving";
import { useStable } from "../parts/useStable";
import { rests } from "./resting";
import { type Done, useSaving } from "./useSaving";

const SAVED_AFTER = 500;

type Resting<Thing extends Versioned, State> = {
  /** What is stored as this window knows it, and what stands on the page now. */
  stored: Thing;
  now: State;
  /** What is said of it. */
  said: string;
  save: (seen: Thing, state: State) => Promise<Thing>;
  /** The step from one state to the next. */
  step: (from: State, to: State) => Done;
  /** What stands on the page of what is stored. */
  stateOf: (thing: Thing) => State;
  /** What is stored stands on the page from here. */
  show: (state: State) => void;
  onSaved: () => void;
};

/** Saves what stands on a page when the hand rests; every state that stood there until then can be gone back to. */
export function useResting<Thing extends Versioned, State>(page: Resting<Thing, State>) {
  const { stored, now } = page;
  const seen = useRef(stored);
  const trail = useRef<State[]>([now]);
  const asked = useRef<State>(now);
  const [saved, setSaved] = useState<State>(now);
  const saving = useSaving<Thing>((kept) => {
    seen.current = kept;
    page.onSaved();
  });
  const clashes = saving.clash !== null;
  const rest = useStable((state: State) => {
    asked.current = state;
    setSaved(state);
  });
  // While two windows differ nothing more is saved; then whatever stands there by then.
  const keep = useStable(() => {
    if (now === asked.current || clashes) return;
    const states = trail.current.at(-1) === now ? trail.current : [...trail.current, now];
    trail.current = [now];
    rest(now);
    saving.start({
      said: page.said,
      versions: (theirs) => ({ theirs: page.stateOf(theirs), mine: now }),
      over: () => seen.current,
      save: (over) => page.save(over, now),
      steps: () => states.slice(1).map((state, i) => page.step(states[i] ?? state, state)),
      // What was not saved is still to be gone back over.
      failed: () => (trail.current = [...states, ...trail.current.slice(1)]),
    });
  });

  useEffect(() => {
    if (trail.current.at(-1) !== now) trail.current = [...trail.current, now];
    const timer = setTimeout(keep, SAVED_AFTER);
    return () => clearTimeout(timer);
  }, [now, clashes, keep]);
  // Whoever leaves the page before the hand has rested has it saved all the same, whether to another screen or out of the window.
  useEffect(() => {
    const forget = rests(keep);
    LEAVING.forEach((leaving) => window.addEventListener(leaving, keep));
    return () => {
      forget();
      LEAVING.forEach((leaving) => window.removeEventListener(leaving, keep));
      keep();
    };
  }, [keep]);
  const stand = useStable((state: State) => {
    trail.current = [state];
    rest(state);
    page.show(state);
  });
  // Saved from elsewhere, taken back or done again: it is what is worked on from here, unless something else was begun.
  const showStored = useStable(() => {
    if (stored.lock_version <= seen.current.lock_version || now !== asked.current || clashes) return;
    seen.current = stored;
    stand(page.stateOf(stored));
  });
  useEffect(showStored, [stored.lock_version, saving.pending, showStored]);

  return {
    /** Whether something stands there that is not saved yet. */
    unsaved: now !== saved,
    saving: {
      ...saving,
      /** What the other window saved stands: it is what is worked on from here. */
      keepTheirs: () => {
        if (saving.clash) stand(page.stateOf(saving.clash.theirs));
        saving.keepTheirs();
      },
    },
  };
}
