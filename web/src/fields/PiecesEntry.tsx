import { useContext, useState } from "react";

import type { ApiError, Field, Measure } from "../api/client";
import { MeasureContext, shown, told } from "../parts/measures";
import type { Draft } from "./written";

type Props = {
  field: Field;
  value: Draft;
  at: string;
  error: ApiError | null;
  onChange: (value: Draft) => void;
};

/** Sizes of many pieces, typed or pasted one a line: "5 × 7", "3 1/2 x 4", with "3 of 5 × 7" for several alike. */
export function PiecesEntry({ field, value, at, error, onChange }: Props) {
  const measure = useContext(MeasureContext);
  const [typed, setTyped] = useState<string | null>(null);
  const wrong = error?.faults.filter(({ pointer }) => pointer.startsWith(at)) ?? [];
  return (
    <label className="entry col-span-full">
      <span>{field.label}, one a line: 5 × 7, or 3 of 5 × 7</span>
      <textarea
        rows={5}
        aria-label={field.label}
        aria-invalid={wrong.length > 0}
        value={typed ?? written(value, measure)}
        onChange={(event) => {
          setTyped(event.target.value);
          onChange(pieces(event.target.value, measure));
        }}
      />
      {wrong.slice(0, 3).map(({ pointer, message }) => (
        <span key={pointer + message} role="alert" className="field-error">
          {line(pointer, at)} {message}
        </span>
      ))}
    </label>
  );
}

/** Alike ones that follow one another on one line. */
function written(value: Draft, measure: Measure): string {
  const sides = (one: unknown) => (one as string[]).map((side) => shown(side, measure));
  const lines = Array.isArray(value) ? value.map((one) => sides(one).join(" × ")) : [];
  const counted = lines.reduce<[string, number][]>((all, text) => {
    const last = all.at(-1);
    return last?.[0] === text ? [...all.slice(0, -1), [text, last[1] + 1]] : [...all, [text, 1]];
  }, []);
  return counted.map(([text, count]) => (count > 1 ? `${count} of ${text}` : text)).join("\n");
}

const SEVERAL = /^\s*(\d+)\s+of\s+(.*)$/i;
/** Between the two sides: a cross, an x, a star, or "by"; as a spreadsheet copies them, a tab. */
const BETWEEN = /\s*(?:×|x|X|\*|\bby\b|\t|,)\s*/;
/** The same where a comma may be the point of a number. */
const BETWEEN_CM = /\s*(?:×|x|X|\*|\bby\b|\t|,(?=\s))\s*/;
const MOST = 2000;

function pieces(text: string, measure: Measure): string[][] {
  return text
    .split(/\r?\n/)
    .filter((one) => one.trim() !== "")
    .flatMap((one) => {
      const [, count = "1", rest = one] = SEVERAL.exec(one) ?? [];
      const sides = rest
        .trim()
        .split(measure === "cm" ? BETWEEN_CM : BETWEEN)
        .map((part) => told(part, measure));
      return Array.from({ length: Math.min(Number(count), MOST) }, () => sides);
    });
}

/** Which of them a fault is about. */
function line(pointer: string, at: string): string {
  const place = pointer.slice(at.length + 1).split("/")[0];
  return place ? `Piece ${Number(place) + 1}` : "";
}
