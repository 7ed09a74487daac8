import type { Weights } from "../../api/client";

/** What may count, in the order in which the address has it. */
const NAMES = ["fabric", "time", "accuracy", "surplus", "ease"] as const;

/** Weights as they stand in the address: "2-1-0-1-0". */
export function writeWeights(weights: Weights): string {
  return NAMES.map((name) => weights[name]).join("-");
}

export function readWeights(text: string | null): Weights | null {
  const numbers = text?.split("-").map((part) => (part.trim() === "" ? NaN : Number(part))) ?? [];
  if (numbers.length !== NAMES.length || numbers.some((one) => !(one >= 0 && one <= 100))) return null;
  return Object.fromEntries(NAMES.map((name, i) => [name, numbers[i]])) as Weights;
}
