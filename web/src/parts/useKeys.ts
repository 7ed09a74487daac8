import { useEffect, useSyncExternalStore } from "react";
import { tinykeys } from "tinykeys";

import { type Action, isLetter, KEYS, lettersOn } from "./keys";
import { useStable } from "./useStable";

/** What is done, by what it means. */
export type Does = Partial<Record<Action, () => void>>;

/** Anything over the page takes its keys for itself. */
const OVER = "[role=dialog], [role=alertdialog], [role=menu], [role=listbox]";
/** A letter after G says where to go, and nothing else; for so long, milliseconds. */
const GOES = "g";
const GOES_FOR = 1000;
let going = -Infinity;

/** How often each is bound at the moment. */
const bound = new Map<Action, number>();
const listeners = new Set<() => void>();
let now: readonly Action[] = [];

function count(actions: Action[], by: number) {
  for (const action of actions) bound.set(action, (bound.get(action) ?? 0) + by);
  now = [...bound].filter(([, times]) => times > 0).map(([action]) => action);
  listeners.forEach((listener) => listener());
}

/** What has a key on this screen. */
export function useBound(): readonly Action[] {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => void listeners.delete(listener);
    },
    () => now,
  );
}

/** Whether somebody types there. */
export function typing(target: EventTarget | null): boolean {
  return target instanceof HTMLElement && target.matches("input, textarea, select, [contenteditable]");
}

function meant(key: string, event: KeyboardEvent): boolean {
  if (event.defaultPrevented || typing(event.target) || document.querySelector(OVER)) return false;
  if (!isLetter(key)) return true;
  if (!lettersOn()) return false;
  return key.startsWith(`${GOES} `) || event.timeStamp - going > GOES_FOR;
}

/** Acts on keys anywhere on the page, except while somebody types in a field or something is open over the page. */
export function useKeys(does: Does): void {
  const press = useStable((action: Action, key: string, event: KeyboardEvent) => {
    const act = does[action];
    if (!act || !meant(key, event)) return;
    event.preventDefault();
    act();
  });
  const names = Object.entries(does)
    .filter(([, act]) => act)
    .map(([action]) => action)
    .join(" ");
  useEffect(() => {
    const actions = names.split(" ").filter(Boolean) as Action[];
    const pressed = actions.flatMap((action) =>
      KEYS[action].keys.map((key) => [key, (event: KeyboardEvent) => press(action, key, event)] as const),
    );
    count(actions, 1);
    const unbind = tinykeys(window, Object.fromEntries(pressed));
    return () => {
      unbind();
      count(actions, -1);
    };
  }, [names, press]);
}

/** Keys that something acts on by itself are in the list too. */
export function useListed(actions: readonly Action[]): void {
  const names = actions.join(" ");
  useEffect(() => {
    const listed = names.split(" ") as Action[];
    count(listed, 1);
    return () => count(listed, -1);
  }, [names]);
}

/** Notes that G was pressed: bound once, for the whole page. */
export function useGoing(): void {
  useEffect(() => {
    const note = (event: KeyboardEvent) => {
      const goes = event.key.toLowerCase() === GOES && !event.ctrlKey && !event.metaKey;
      if (goes) going = event.timeStamp;
      // The letter after it is the last that it is of: once that has been acted on.
      else setTimeout(() => (going = -Infinity));
    };
    window.addEventListener("keydown", note, { capture: true });
    return () => window.removeEventListener("keydown", note, { capture: true });
  }, []);
}
