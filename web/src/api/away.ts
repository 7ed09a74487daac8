import { useSyncExternalStore } from "react";

import type { ApiError } from "./problem";

/** What is being asked again at the moment, and why. */
const waiting = new Map<symbol, ApiError>();
const listeners = new Set<() => void>();
const changed = () => listeners.forEach((listener) => listener());

/** Something that may have to be asked again and again: tell says why, end that it is asked no more. */
export function asksAgain() {
  const one = Symbol();
  return {
    tell: (why: ApiError | null) => {
      if (why) waiting.set(one, why);
      changed();
    },
    end: () => {
      if (waiting.delete(one)) changed();
    },
  };
}

/** Why the server is away, while anything is asked of it again. */
export function useAway(): ApiError | null {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => void listeners.delete(listener);
    },
    () => [...waiting.values()].at(-1) ?? null,
  );
}
