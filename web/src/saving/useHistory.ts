import { useSyncExternalStore } from "react";

import { benchAddress } from "../api/bench";
import { NOTHING, type Steps } from "./steps";

/** Each window has its own, at each bench; it is there again when its page is loaded anew. */
const PLACE = "oaken-gauge steps ";
const place = () => `${PLACE}${benchAddress()}`;
const listeners = new Set<() => void>();
let kept: { at: string; steps: Steps } | null = null;

/** All that was done in this window. */
export function steps(): Steps {
  const at = place();
  if (kept?.at !== at) kept = { at, steps: opened(at) };
  return kept.steps;
}

/** Notes what was done. */
export function note(change: (before: Steps) => Steps): void {
  const now = change(steps());
  kept = { at: place(), steps: now };
  put(kept.at, now);
  listeners.forEach((listener) => listener());
}

/** Nothing of what was done is left in this window: somebody else may use it next. */
export function forgetSteps(): void {
  Object.keys(window.sessionStorage)
    .filter((key) => key.startsWith(PLACE))
    .forEach((key) => window.sessionStorage.removeItem(key));
  kept = null;
}

/** All that was done in this window, on whichever of its screens: the one stack of undo and redo there is. */
export function useHistory(): Steps {
  return useSyncExternalStore((listener) => {
    listeners.add(listener);
    return () => void listeners.delete(listener);
  }, steps);
}

function opened(at: string): Steps {
  try {
    const written = JSON.parse(window.sessionStorage.getItem(at) ?? "null") as Partial<Steps> | null;
    // What was said last was said to whoever looked then.
    return { ...NOTHING, ...written, last: null };
  } catch {
    return NOTHING;
  }
}

/** A browser keeps a few megabytes: where they are used up, what was done first is forgotten. */
function put(at: string, { past, ...rest }: Steps): void {
  for (let from = 0; from <= past.length; from += past.length >> 2 || 1) {
    try {
      window.sessionStorage.setItem(at, JSON.stringify({ ...rest, past: past.slice(from) }));
      return;
    } catch {
      // Too much: once more with less.
    }
  }
}
