import type { Weights } from "../../api/client";

/** Weights as they stand in the address: "2-1-0-1-0", in the order in which the core names what may count. */
export function writeWeights(weights: Weights, names: string[]): string {
  return names.map((name) => weights[name as keyof Weights]).join("-");
}

export function readWeights(text: string | null, names: string[]): Weights | null {
  const numbers = text?.split("-").map((part) => (part.trim() === "" ? NaN : Number(part))) ?? [];
  if (numbers.length !== names.length || numbers.some((one) => !(one >= 0 && one <= 100))) return null;
  return Object.fromEntries(names.map((name, i) => [name, numbers[i]])) as Weights;
}
