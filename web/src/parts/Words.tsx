import { Fraction } from "./Fraction";

const LENGTH = /(\d+ \d+\/\d+|\d+\/\d+)/;

/** A sentence from the core, its fractions set as fractions. */
export function Words({ children }: { children: string }) {
  return children
    .split(LENGTH)
    .map((part, i) => (i % 2 ? <Fraction key={i} length={part} /> : <span key={i}>{part}</span>));
}
