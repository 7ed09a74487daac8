import { useEffect, useState } from "react";

export type Light = "light" | "dark";
const KEPT = "oaken-gauge.light";

function first(): Light {
  const kept = localStorage.getItem(KEPT);
  if (kept === "light" || kept === "dark") return kept;
  return matchMedia("(prefers-color-scheme: dark)").matches ? "dark" : "light";
}

/** Light or dark, remembered in this browser. */
export function useLight(): [Light, () => void] {
  const [light, setLight] = useState<Light>(first);
  useEffect(() => {
    document.documentElement.dataset.light = light;
  }, [light]);
  const turn = () => {
    const next = light === "light" ? "dark" : "light";
    localStorage.setItem(KEPT, next);
    setLight(next);
  };
  return [light, turn];
}
