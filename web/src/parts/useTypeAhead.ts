import { useEffect, useRef } from "react";

import { typing } from "./useKeys";
import { useStable } from "./useStable";

/** Keys that leave the page to itself: what waits is let go. */
const LEAVING = ["Escape", "Tab"];

/**
 * Goes somewhere as soon as it is there to go to. Keys that come in the meantime are meant for that place: they are kept, and
 * pressed there in their order. Escape, Tab or a tap lets go of them, and so does `lost`, where it will not come.
 */
export function useTypeAhead(ready: boolean, lost: boolean): (go: () => void) => void {
  const waiting = useRef<{ go: () => void; keys: string[] }>(undefined);
  const keep = useStable((event: KeyboardEvent) => {
    const { ctrlKey, metaKey, altKey, key } = event;
    if (!waiting.current || typing(event.target) || ctrlKey || metaKey || altKey || key === "Shift") return;
    if (LEAVING.includes(key)) return void (waiting.current = undefined);
    event.preventDefault();
    event.stopImmediatePropagation();
    waiting.current.keys.push(key);
  });
  const letGo = useStable(() => (waiting.current = undefined));
  useEffect(() => {
    window.addEventListener("keydown", keep, { capture: true });
    window.addEventListener("pointerdown", letGo, { capture: true });
    return () => {
      window.removeEventListener("keydown", keep, { capture: true });
      window.removeEventListener("pointerdown", letGo, { capture: true });
    };
  }, [keep, letGo]);
  useEffect(() => {
    if (lost) waiting.current = undefined;
    const before = waiting.current;
    if (!ready || !before) return;
    waiting.current = undefined;
    before.go();
    before.keys.forEach(press);
  }, [ready, lost]);
  return (go) => {
    if (ready) go();
    else waiting.current = { go, keys: [] };
  };
}

/** A key at whatever has the focus; a button that nobody keeps it from is clicked by it. */
function press(key: string) {
  const on = document.activeElement ?? document.body;
  const event = new KeyboardEvent("keydown", { key, bubbles: true, cancelable: true });
  if (on.dispatchEvent(event) && on instanceof HTMLButtonElement && ["Enter", " "].includes(key)) on.click();
}
