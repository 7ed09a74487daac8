import { useRef, useState } from "react";

import { benchAddress } from "../api/bench";
import { useStable } from "../parts/useStable";

/** What is half filled in, of each bench by its form and its parts: what stood there first, and what was made of it. */
type Written = Record<string, { first: string; now: unknown }>;

const PLACE = "oaken-gauge draft ";
const placeOf = (form: string) => `${PLACE}${benchAddress()} ${form}`;

function written(form: string): Written {
  try {
    return JSON.parse(window.localStorage.getItem(placeOf(form)) ?? "{}") as Written;
  } catch {
    return {};
  }
}

/** A browser that keeps nothing more keeps no draft: the form goes on. */
function write(form: string, part: string, first: string, now: unknown): void {
  try {
    window.localStorage.setItem(placeOf(form), JSON.stringify({ ...written(form), [part]: { first, now } }));
  } catch {
    // Said by nothing: it is saved when she saves it.
  }
}

/** What was saved or cancelled is no draft any more. */
export function forgetDraft(form: string): void {
  window.localStorage.removeItem(placeOf(form));
}

/** Nothing half filled in is left in this browser: somebody else may use it next. */
export function forgetDrafts(): void {
  Object.keys(window.localStorage)
    .filter((key) => key.startsWith(PLACE))
    .forEach((key) => window.localStorage.removeItem(key));
}

type Next<State> = State | ((before: State) => State);

/**
 * One part of a form: as useState, but what is half filled in is there again after the page was loaded anew or left, until it is
 * saved or cancelled. Where what it began with is another by then, the draft is of something that is gone, and let go.
 */
export function useDraft<State>(
  form: string,
  part: string,
  first: State,
): [State, (next: Next<State>) => void] {
  const [began] = useState(() => JSON.stringify(first));
  const [state, setState] = useState<State>(() => {
    const draft = written(form)[part];
    return draft?.first === began ? (draft.now as State) : first;
  });
  const current = useRef(state);
  const set = useStable((next: Next<State>) => {
    current.current = next instanceof Function ? next(current.current) : next;
    write(form, part, began, current.current);
    setState(current.current);
  });
  return [state, set];
}
