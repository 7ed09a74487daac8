import { createContext, useContext } from "react";

import type { Measure, Measures } from "../api/client";

export const INCHES: Measures = {
  area: "sq in",
  area_words: "square inches",
  square: 1,
  small: "",
  thousandths: 1,
  digits: 3,
  limit: "1/16",
  bars: [],
};

/** How areas and small differences are told, as the core says. */
export const MeasuresContext = createContext<Measures>(INCHES);
/** What a bare number means that is typed. */
export const MeasureContext = createContext<Measure>("inch");

/** Areas and small differences as they are read in the project's measure. */
export function useTold() {
  const told = useContext(MeasuresContext);
  const small = (inches: number) => `${(inches * told.thousandths).toFixed(told.digits)}${told.small}`;
  return {
    ...told,
    /** What stands behind a figure in inches: centimetres say so themselves. */
    inches: told.small === "" ? " in" : "",
    /** Whole square inches or centimetres, one decimal where it is small. */
    areaOf: (squareInches: number) => {
      const amount = squareInches * told.square;
      return amount.toFixed(amount < 10 ? 1 : 0);
    },
    /** How much something varies by. */
    smallOf: small,
    /** How far off a size is, in words. */
    off: (inches: number) => {
      const amount = small(Math.abs(inches));
      return /^0\.0+( |$)/.test(amount) ? "exact" : `${amount} ${inches < 0 ? "small" : "large"}`;
    },
  };
}

const BARE = /^[\d\s.,/\-⅛¼⅜½⅝¾⅞⅓⅔]+$/;

/** What was typed, with the measure that a bare number is meant in. */
export function told(text: string, measure: Measure): string {
  const typed = text.trim();
  return measure === "cm" && typed !== "" && BARE.test(typed) ? `${typed}cm` : typed;
}

/** A length as it stands in a field: where centimetres are meant by a bare number, inches say that they are. */
export function shown(length: string, measure: Measure): string {
  return measure === "cm" && length.trim() !== "" && BARE.test(length) ? `${length}in` : length;
}

/** Lengths that are typed one after another: a comma parts them, or is the point of a centimetre. */
export function parted(text: string, measure: Measure): string[] {
  return text
    .split(measure === "cm" ? /[;\n]|,\s|\s{2,}/ : /[,;\n]|\s{2,}/)
    .map((one) => one.trim())
    .filter((one) => one !== "");
}
