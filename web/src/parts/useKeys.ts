import { useEffect } from "react";
import { tinykeys } from "tinykeys";

import { useStable } from "./useStable";

/** What keys do: "p", "Shift+?", "$mod+z" for Ctrl or Cmd with it. */
export type Keys = Record<string, () => void>;

/** Whether somebody types there. */
export function typing(target: EventTarget | null): boolean {
  return target instanceof HTMLElement && target.matches("input, textarea, select, [contenteditable]");
}

/** Acts on keys anywhere on the page, except while somebody types in a field or a dialog is open. */
export function useKeys(keys: Keys): void {
  const press = useStable((name: string, event: KeyboardEvent) => {
    if (event.defaultPrevented || typing(event.target) || document.querySelector("[role=dialog]")) return;
    event.preventDefault();
    keys[name]?.();
  });
  const names = Object.keys(keys).join(" ");
  useEffect(() => {
    const bound = names.split(" ").map((name) => [name, (event: KeyboardEvent) => press(name, event)]);
    return tinykeys(window, Object.fromEntries(bound));
  }, [names, press]);
}
