import { useEffect, useRef, useState } from "react";

import { ApiError } from "../api/client";

const SAVED_AFTER = 500;

type Saving<Thing, State> = {
  /** What was stored when the page was opened, and what stands on the page now. */
  stored: Thing;
  now: State;
  save: (seen: Thing, state: State) => Promise<Thing>;
  onSaved: () => void;
};

/** Saves what stands on a page when the hand rests, over what was seen; what another window saved in between is shown first. */
export function useAutosave<Thing, State>({ stored, now, save, onSaved }: Saving<Thing, State>) {
  const [trouble, setTrouble] = useState<ApiError | null>(null);
  const [theirs, setTheirs] = useState<Thing | null>(null);
  const seen = useRef(stored);
  const saved = useRef<State | undefined>(now);
  const saving = useRef(save);
  // One after another: a save that is still on its way is nobody else's change.
  const line = useRef<Promise<unknown>>(Promise.resolve());
  useEffect(() => {
    saving.current = save;
  });

  useEffect(() => {
    if (now === saved.current || theirs) return;
    const timer = setTimeout(() => {
      saved.current = now;
      const before = line.current.catch(() => undefined);
      line.current = before
        .then(() => saving.current(seen.current, now))
        .then(
          (kept) => {
            seen.current = kept;
            setTrouble(null);
            onSaved();
          },
          (error: unknown) => {
            if (!(error instanceof ApiError)) throw error;
            saved.current = undefined;
            if (error.status === 409 && error.current) setTheirs(error.current as Thing);
            else setTrouble(error);
          },
        );
    }, SAVED_AFTER);
    return () => clearTimeout(timer);
  }, [now, theirs, onSaved]);

  return {
    trouble,
    theirs,
    /** What the other window saved stands: it is what is worked on from here. */
    keepTheirs: (state: State) => {
      if (theirs) seen.current = theirs;
      saved.current = state;
      setTheirs(null);
    },
    keepMine: () => {
      if (theirs) seen.current = theirs;
      setTheirs(null);
    },
  };
}
