import type { Weights } from "../../api/client";

/** What counts where the maker has said nothing. */
const USUAL: Weights = { fabric: 1, time: 1, accuracy: 1, surplus: 1, ease: 0 };
const NAMES = Object.keys(USUAL) as (keyof Weights)[];

/** What the maker keeps, with the usual for what she has left out. */
export function keptWeights(kept: Record<string, number>): Weights {
  return { ...USUAL, ...kept };
}

/** Weights as they stand in the address: "2.1.0.1.0", in the order of their names. */
export function writeWeights(weights: Weights): string {
  return NAMES.map((name) => weights[name]).join(".");
}

export function readWeights(text: string | null): Weights | null {
  const numbers = text?.split(".").map(Number) ?? [];
  if (numbers.length !== NAMES.length || numbers.some((one) => !Number.isInteger(one) || one < 0 || one > 3))
    return null;
  return Object.fromEntries(NAMES.map((name, i) => [name, numbers[i]])) as Weights;
}
