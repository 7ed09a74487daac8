import type { Field, Measure } from "../api/client";
import { parted, shown, told } from "../parts/measures";

/** A value of a document that is being filled in: what is no number or length yet stays as it was typed. */
export type Draft = unknown;
export type DraftObject = Record<string, Draft>;

export function isObject(value: Draft): value is DraftObject {
  return typeof value === "object" && value !== null && !Array.isArray(value);
}

/** A whole number, or else the text for the core to answer. */
export function whole(text: string): number | string {
  return /^-?\d+$/.test(text.trim()) ? Number(text) : text.trim();
}

/** A number, or else the text for the core to answer. */
export function number(text: string): number | string {
  return /^-?\d+(\.\d+)?$/.test(text.trim()) ? Number(text) : text.trim();
}

const EVEN = /^\s*from\s+(.+?)\s+to\s+(.+?)\s+by\s+(.+?)\s*$/i;

function listed(text: string, mark: RegExp | string): string[] {
  return text
    .split(mark)
    .map((part) => part.trim())
    .filter((part) => part !== "");
}

/** How the value of a field is written on one line, by its type. */
export function writtenAs(field: Pick<Field, "type">, value: Draft, measure: Measure = "inch"): string {
  if (value === undefined || value === null) return "";
  if (["length", "one_or_two"].includes(field.type) && typeof value === "string")
    return shown(value, measure);
  if (field.type === "outline" && Array.isArray(value))
    return value.map((corner) => (Array.isArray(corner) ? corner.join(", ") : String(corner))).join("; ");
  if (field.type === "scale" && isObject(value))
    return `from ${String(value.from)} to ${String(value.to)} by ${String(value.step)}`;
  if (field.type === "mapping" && isObject(value))
    return Object.entries(value)
      .map(([name, one]) => `${name}: ${String(one)}`)
      .join("; ");
  return Array.isArray(value) ? value.join(", ") : String(value);
}

/** The way back: what a line says, by the type of its field. */
export function readAs(field: Pick<Field, "type">, text: string, measure: Measure = "inch"): Draft {
  const lengthOf = (part: string) => told(part, measure);
  switch (field.type) {
    case "integer":
      return whole(text);
    case "number":
      return number(text);
    case "outline":
      return listed(text, ";").map((corner) => listed(corner, measure === "cm" ? /,\s/ : ",").map(lengthOf));
    case "scale":
      return scale(text, measure);
    case "mapping":
      return Object.fromEntries(listed(text, ";").map(named));
    case "list":
      return listed(text, ",");
    case "length":
    case "one_or_two":
      return lengthOf(text);
    default:
      return text.trim();
  }
}

function scale(text: string, measure: Measure): Draft {
  const lengthOf = (part: string) => told(part, measure);
  const [, from = "", to = "", step = ""] = EVEN.exec(text) ?? [];
  return step
    ? { from: lengthOf(from), to: lengthOf(to), step: lengthOf(step) }
    : parted(text, measure).map(lengthOf);
}

function named(part: string): [string, string] {
  const [name = "", ...rest] = part.split(":");
  return [name.trim(), rest.join(":").trim()];
}

/** A document with one of its keys changed; a key that is left empty is left out. */
export function changed(document: DraftObject, name: string, value: Draft): DraftObject {
  const others = Object.entries(document).filter(([key]) => key !== name);
  return Object.fromEntries(value === undefined || value === "" ? others : [...others, [name, value]]);
}
