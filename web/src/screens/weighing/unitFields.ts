import type { Kind } from "../../api/client";
import { sidesOf } from "./unitDocument";

/** A field to fill in for a unit, with what stands there to begin with and where its faults are told. */
type Field = { name: string; label: string; usual: string; pointer: RegExp; finished: boolean };

/** What a kind of unit has beside its size and count. */
const OTHERS: Record<string, string> = {
  corner: "Finished corner",
  corners: "Corners replaced",
  outline: "Finished corners, counter-clockwise: x, y; x, y; …",
};

export function fieldsOf(kind: Kind): Field[] {
  return [...counts(kind), ...sizes(kind), ...others(kind)];
}

function counts({ starter: { count } }: Kind): Field[] {
  if (typeof count !== "object")
    return [
      { name: "count", label: "How many", usual: String(count), pointer: /^\/unit\/count$/, finished: false },
    ];
  return [
    {
      name: "left",
      label: "Lefts",
      usual: String(count.left),
      pointer: /^\/unit\/count(\/left)?$/,
      finished: false,
    },
    {
      name: "right",
      label: "Rights",
      usual: String(count.right),
      pointer: /^\/unit\/count\/right$/,
      finished: false,
    },
  ];
}

function sizes(kind: Kind): Field[] {
  const sides = sidesOf(kind.starter);
  return sides.map((usual, i) => ({
    name: `size-${i}`,
    label: kind.measures[i] ?? "Finished size",
    usual,
    pointer: new RegExp(i === 0 ? "^/unit/finished(/0)?$" : `^/unit/finished/${i}$`),
    finished: true,
  }));
}

function others({ starter }: Kind): Field[] {
  return Object.entries(OTHERS)
    .filter(([name]) => name in starter)
    .map(([name, label]) => ({
      name,
      label,
      usual: written(starter[name]),
      pointer: new RegExp(`^/unit/${name}(/|$)`),
      finished: name === "corner",
    }));
}

/** The unit's document from what was typed; what is no number goes to the core as it was typed. */
export function documentOf(kind: Kind, typed: Record<string, string>): Record<string, unknown> {
  const values = Object.fromEntries(
    fieldsOf(kind).map(({ name, usual }) => [name, (typed[name] ?? usual).trim()]),
  );
  const { starter } = kind;
  const sides = sidesOf(starter).map((_, i) => values[`size-${i}`]);
  const document: Record<string, unknown> = { ...starter };
  document.count =
    typeof starter.count === "object"
      ? { left: whole(values.left), right: whole(values.right) }
      : whole(values.count);
  if (sides.length > 0) document.finished = Array.isArray(starter.finished) ? sides : sides[0];
  if ("corner" in starter) document.corner = values.corner;
  if ("corners" in starter) document.corners = whole(values.corners);
  if ("outline" in starter) document.outline = corners(values.outline ?? "");
  return document;
}

function whole(text: string | undefined): number | string {
  return text !== undefined && /^\d+$/.test(text) ? Number(text) : (text ?? "");
}

function corners(text: string): string[][] {
  return text
    .split(";")
    .filter((corner) => corner.trim() !== "")
    .map((corner) => corner.split(",").map((length) => length.trim()));
}

function written(value: unknown): string {
  if (!Array.isArray(value)) return String(value);
  return value.map((corner) => (corner as string[]).join(", ")).join("; ");
}
