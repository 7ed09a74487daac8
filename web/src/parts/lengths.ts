/** A written length, taken apart to be set or spoken: never to be computed with. */
export type WrittenLength = { sign: string; whole: string; over: string; under: string; suffix: string };

const WRITTEN = /^(-?)(?:(\d+(?:\.\d+)?)(?:\s+|$|(?=cm|mm|in)))?(?:(\d+)\/(\d+))?\s*(cm|mm|in)?$/;

export function takeApart(length: string): WrittenLength {
  const [, sign = "", whole = "", over = "", under = "", suffix = ""] = WRITTEN.exec(length.trim()) ?? [];
  return whole || over
    ? { sign, whole, over, under, suffix }
    : { sign: "", whole: length, over: "", under: "", suffix: "" };
}

const VULGAR: Record<string, string> = {
  "1/8": "⅛",
  "1/4": "¼",
  "3/8": "⅜",
  "1/2": "½",
  "5/8": "⅝",
  "3/4": "¾",
  "7/8": "⅞",
};

/** "2 7/8" as "2⅞", where letters are drawn and no fraction can be set. */
export function drawn(length: string): string {
  return length.replace(/(?:(\d) )?\b([1-7]\/[248])\b/g, (all, whole: string | undefined, part: string) =>
    VULGAR[part] ? `${whole ?? ""}${VULGAR[part]}` : all,
  );
}

const PARTS: Record<string, [string, string]> = {
  "2": ["half", "halves"],
  "4": ["quarter", "quarters"],
  "8": ["eighth", "eighths"],
  "16": ["sixteenth", "sixteenths"],
  "32": ["thirty-second", "thirty-seconds"],
};
const NUMBERS =
  "zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen twenty".split(
    " ",
  );
const MEASURES: Record<string, string> = { cm: "centimetres", mm: "millimetres", in: "inches" };

function numberWord(digits: string): string {
  return NUMBERS[Number(digits)] ?? digits;
}

function fractionWords(over: string, under: string): string {
  const [one, many] = PARTS[under] ?? [`over ${under}`, `over ${under}`];
  return `${numberWord(over)} ${over === "1" ? one : many}`;
}

/** "2 7/8" is "two and seven eighths inches". */
export function spoken(length: string): string {
  const { sign, whole, over, under, suffix } = takeApart(length);
  // What is no number is only read out.
  if (!over && !/^\d/.test(whole)) return length;
  const parts = [whole && numberWord(whole), over && fractionWords(over, under)].filter(Boolean);
  const single = parts.length === 1 && (whole === "1" || !whole);
  const measure = MEASURES[suffix] ?? (single ? "inch" : "inches");
  return `${sign && "minus "}${parts.join(" and ")} ${measure}`;
}
