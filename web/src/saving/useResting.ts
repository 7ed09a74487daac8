import { useEffect, useRef } from "react";

import { useSaving } from "./useSaving";

const SAVED_AFTER = 500;

type Resting<Thing, State> = {
  scope: string;
  /** What was stored when the page was opened, and what stands on the page now. */
  stored: Thing;
  now: State;
  save: (seen: Thing, state: State) => Promise<Thing>;
  onSaved: () => void;
};

/** Saves what stands on a page when the hand rests. */
export function useResting<Thing, State>({ scope, stored, now, save, onSaved }: Resting<Thing, State>) {
  const seen = useRef(stored);
  const saved = useRef<State>(now);
  const saving = useSaving<Thing>(scope, (kept) => {
    seen.current = kept;
    onSaved();
  });
  const start = useRef(saving.start);
  const saves = useRef(save);
  useEffect(() => {
    start.current = saving.start;
    saves.current = save;
  });

  // While two windows differ nothing more is saved; then whatever stands there by then.
  const clashes = saving.clash !== null;
  useEffect(() => {
    if (now === saved.current || clashes) return;
    const timer = setTimeout(() => {
      saved.current = now;
      start.current({ said: "Saved", over: () => seen.current, save: (over) => saves.current(over, now) });
    }, SAVED_AFTER);
    return () => clearTimeout(timer);
  }, [now, clashes]);

  return {
    saving,
    /** What the other window saved stands: it is what is worked on from here. */
    keepTheirs: (state: State) => {
      saved.current = state;
      saving.keepTheirs();
    },
  };
}
