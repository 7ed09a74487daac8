import { useSyncExternalStore } from "react";

export type Light = "light" | "dark";
const KEPT = "oaken-gauge.light";
const listeners = new Set<() => void>();
let light: Light = first();
show();

function first(): Light {
  const kept = localStorage.getItem(KEPT);
  if (kept === "light" || kept === "dark") return kept;
  return matchMedia("(prefers-color-scheme: dark)").matches ? "dark" : "light";
}

function show() {
  document.documentElement.dataset.light = light;
}

/** Dark where it is light, and the other way round; remembered in this browser. */
export function turnLight(): void {
  light = light === "light" ? "dark" : "light";
  localStorage.setItem(KEPT, light);
  show();
  listeners.forEach((listener) => listener());
}

/** Light or dark. */
export function useLight(): Light {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => void listeners.delete(listener);
    },
    () => light,
  );
}
