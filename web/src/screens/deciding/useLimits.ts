import { useMemo } from "react";
import { useSearchParams } from "react-router";

import type { ChoiceAsked } from "../../api/client";

/** A limit that is a number: its name in the address, in what is asked, and the most that can be typed. */
export type Limit = { name: string; key: string; label: string; hint: string; most: number; in100?: boolean };

export const LIMITS: Limit[] = [
  { name: "tools", key: "tools_at_most", label: "Tools at most", hint: "any", most: 500 },
  {
    name: "techniques",
    key: "techniques_at_most",
    label: "Techniques at most",
    hint: "any",
    most: 100,
  },
  { name: "minutes", key: "minutes_at_most", label: "Minutes at most", hint: "any", most: 1_000_000 },
  {
    name: "good",
    key: "good_at_least",
    label: "Good in 100, at least",
    hint: "any",
    most: 100,
    in100: true,
  },
];

/** The limits of a choice, kept in the address. */
export function useLimits() {
  const [params, setParams] = useSearchParams();
  const change = (name: string, value: string) =>
    setParams(
      (before) => {
        const after = new URLSearchParams(before);
        if (value === "") after.delete(name);
        else after.set(name, value);
        return after;
      },
      { replace: true },
    );
  const words = params.toString();
  return useMemo(() => {
    const read = new URLSearchParams(words);
    const list = (name: string) => read.get(name)?.split(" ").filter(Boolean) ?? [];
    const numbers = LIMITS.flatMap((limit) => {
      const number = numberOf(limit, read.get(limit.name));
      return number === null ? [] : [[limit.key, number]];
    });
    const only = list("only");
    const limits = { ...Object.fromEntries(numbers), ...(only.length > 0 && { only_tools: only }) };
    const keep = list("keep").map(Number);
    const asked: ChoiceAsked = { limits, keep };
    return {
      asked,
      only,
      keep,
      set: Object.keys(limits).length + keep.length,
      typed: (limit: Limit) => read.get(limit.name) ?? "",
      wrong: (limit: Limit) =>
        read.has(limit.name) && numberOf(limit, read.get(limit.name)) === null
          ? `${read.get(limit.name)}: allowed is a number from ${limit.in100 ? 0 : 1} to ${limit.most}`
          : undefined,
      change,
      turn: (name: "only" | "keep", one: string) =>
        change(
          name,
          list(name).includes(one)
            ? list(name)
                .filter((other) => other !== one)
                .join(" ")
            : [...list(name), one].join(" "),
        ),
    };
    // What changes the address is made anew with it.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [words]);
}

export type Limits = ReturnType<typeof useLimits>;

function numberOf({ most, in100, key }: Limit, text: string | null): number | null {
  if (text === null || !/^\d+([.,]\d+)?$/.test(text)) return null;
  const number = Number(text.replace(",", "."));
  if (
    number > most ||
    (!in100 && number < 1) ||
    (key.endsWith("s_at_most") && key !== "minutes_at_most" && number % 1)
  )
    return null;
  return in100 ? number / 100 : number;
}
