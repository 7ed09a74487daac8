const RULES = new Intl.PluralRules("en");

/** The word alone, as its number has it: "set" or "sets". */
export function formOf(count: number, one: string, more = `${one}s`): string {
  return RULES.select(count) === "one" ? one : more;
}

/** "1 set", "6 sets". */
export function counted(count: number, one: string, more?: string): string {
  return `${count.toLocaleString("en")} ${formOf(count, one, more)}`;
}
