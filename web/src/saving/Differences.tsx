import { useQuery } from "@tanstack/react-query";

import { read } from "../api/reads";
import { Words } from "../parts/Words";
import type { Versions } from "./useSaving";

type Thing = Record<string, unknown>;

const NOT_SAID = new Set(["id", "lock_version", "position", "retired", "shown", "next", "next_unit"]);

/** What two windows say of one thing, where they differ: what was saved there, and what stands here. */
export function Differences({ theirs, mine }: Versions) {
  const fabrics = useQuery(read.fabrics()).data ?? [];
  const names = new Map(fabrics.map(({ id, name }) => [String(id), name]));
  const parts = differing(withNames(theirs, names), withNames(mine, names)).slice(0, 6);
  if (parts.length === 0) return null;
  return (
    <table className="border-collapse text-sm">
      <thead>
        <tr className="text-left">
          <th scope="col" />
          <th scope="col" className="pr-4 font-firm">
            Saved there
          </th>
          <th scope="col" className="font-firm">
            Yours
          </th>
        </tr>
      </thead>
      <tbody>
        {parts.map(({ name, there, here }) => (
          <tr key={name} className="border-t border-rule align-top">
            <th scope="row" className="py-1 pr-4 text-left font-normal text-quiet">
              {name}
            </th>
            <td className="py-1 pr-4">
              <Words>{there}</Words>
            </td>
            <td className="py-1">
              <Words>{here}</Words>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

type Part = { name: string; there: string; here: string };

/** Every value that differs, by what it is called: of what stands here, those that are there too. */
export function differing(theirs: unknown, mine: unknown, called = ""): Part[] {
  if (JSON.stringify(theirs) === JSON.stringify(mine)) return [];
  if (isThing(theirs) && isThing(mine))
    return Object.keys({ ...theirs, ...mine })
      .filter((key) => !NOT_SAID.has(key) && key in mine)
      .flatMap((key) => differing(theirs[key], mine[key], named(called, key)));
  if (isList(theirs) && isList(mine) && theirs.length === mine.length && theirs.length < 40)
    return theirs.flatMap((one, i) => differing(one, mine[i], placed(called, i + 1)));
  return [{ name: called || "It", there: said(theirs), here: said(mine) }];
}

/** Fabrics are said by their names, wherever they stand. */
function withNames(value: unknown, names: Map<string, string>): unknown {
  return JSON.parse(JSON.stringify(value ?? null), (key, one: unknown) =>
    key === "fabrics" && isList(one) ? one.map((id) => names.get(String(id)) ?? id) : one,
  );
}

function isThing(value: unknown): value is Thing {
  return typeof value === "object" && value !== null && !Array.isArray(value);
}

function isList(value: unknown): value is unknown[] {
  return Array.isArray(value);
}

/** Cells are told apart by row and column, anything else by its number. */
function placed(called: string, number: number): string {
  if (called === "Cells") return `Row ${number}`;
  if (/^Row \d+$/.test(called)) return `${called}, column ${number}`;
  return `${called} ${number}`.trim();
}

/** One of several says which it is: "Row 2, column 1, fabrics". */
function named(called: string, key: string): string {
  return /\d$/.test(called) ? `${called}, ${words(key).toLowerCase()}` : words(key);
}

function words(key: string): string {
  const spaced = key.replaceAll("_", " ");
  return spaced.charAt(0).toUpperCase() + spaced.slice(1);
}

function said(value: unknown): string {
  if (value === undefined || value === null || value === "") return "nothing";
  if (value === true) return "yes";
  if (value === false) return "no";
  if (isList(value)) return value.length > 8 ? `${value.length} of them` : value.map(said).join(", ");
  if (isThing(value))
    return Object.entries(value)
      .map(([key, one]) => (key === "value" ? said(one) : `${words(key)} ${said(one)}`))
      .join(", ");
  return String(value as string | number);
}
