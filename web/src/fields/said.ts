import type { Field } from "../api/client";
import { isObject, writtenAs } from "./written";

/** What a person would say of a document, key by key: only what is in it, and no plain yes or no that is "no". */
export function known(fields: Field[], document: Record<string, unknown>, except: string[] = []): string[] {
  return fields
    .filter(({ name }) => !except.includes(name) && document[name] !== undefined && document[name] !== false)
    .map((field) =>
      field.type === "flag" ? field.label : `${field.label}: ${said(field, document[field.name])}`,
    );
}

function said(field: Field, value: unknown): string {
  if (Array.isArray(value) && value.some(isObject))
    return value
      .map((one) => (isObject(one) ? inShort(field.of?.fields ?? [], one) : firstOf(one)))
      .join("; ");
  if (Array.isArray(value) && field.type === "lengths") return value.join(" × ");
  if (Array.isArray(value)) return inFew(value.map((one) => labelOf(field.of ?? field, one)));
  const option = field.options?.find((one) => one.value === value);
  if (option) return option.label;
  if (isObject(value) && field.type !== "scale")
    return Object.entries(value)
      .map(([name, one]) => `${name} ${String(one)}`)
      .join(", ");
  return writtenAs(field, value);
}

/** So many are told one by one; of more, how many there are. */
const TOLD = 12;

/** Alike ones together, and of a long list only the first. */
function inFew(list: string[]): string {
  const counts = list.reduce((all, one) => all.set(one, (all.get(one) ?? 0) + 1), new Map<string, number>());
  const parts = [...counts].map(([one, count]) => (count > 1 ? `${count} of ${one}` : one));
  if (parts.length <= TOLD + 4) return parts.join(", ");
  const first = [...counts.values()].slice(0, TOLD).reduce((sum, count) => sum + count, 0);
  return `${parts.slice(0, TOLD).join(", ")} and ${list.length - first} more, ${list.length} in all`;
}

/** A line of a list by its plain values: what it makes, what its numbers are, which. */
function inShort(fields: Field[], one: Record<string, unknown>): string {
  const told = fields.filter(({ name, type }) => one[name] !== undefined && type !== "flag");
  const parts = told.map((field) => said(field, one[field.name]).replaceAll("_", " "));
  return parts.length > 0 ? parts.join(", ") : firstOf(one);
}

function labelOf({ options }: Pick<Field, "options">, value: unknown): string {
  if (Array.isArray(value)) return value.join(" × ");
  return options?.find((option) => option.value === value)?.label ?? firstOf(value);
}

/** What a line of a list is told by: its first plain value. */
function firstOf(one: unknown): string {
  const first = isObject(one) ? Object.values(one).find((value) => typeof value === "string") : one;
  return typeof first === "string" ? first.replaceAll("_", " ") : "";
}
