import { useEffect, useRef } from "react";

/** A key as it is named in a list of keys: "p", "?", "ctrl+z". */
export type Keys = Record<string, () => void>;

function named(event: KeyboardEvent): string {
  const held = event.ctrlKey || event.metaKey ? "ctrl+" : "";
  return held + (event.key.length === 1 ? event.key.toLowerCase() : event.key);
}

function typing(target: EventTarget | null): boolean {
  return target instanceof HTMLElement && target.matches("input, textarea, select, [contenteditable]");
}

/** Acts on keys anywhere on the page, except while somebody types in a field or a dialog is open. */
export function useKeys(keys: Keys): void {
  const latest = useRef(keys);
  useEffect(() => {
    latest.current = keys;
  });
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const act = latest.current[named(event)];
      if (!act || event.altKey || event.defaultPrevented || typing(event.target)) return;
      if (document.querySelector("[role=dialog]")) return;
      event.preventDefault();
      act();
    };
    document.addEventListener("keydown", press);
    return () => document.removeEventListener("keydown", press);
  }, []);
}
