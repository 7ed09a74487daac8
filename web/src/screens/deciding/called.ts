import type { Project, Unit } from "../../api/client";

/** What a unit is called in a choice: by its name, and by its number too where another has the same one. */
export function called({ units }: Project, { id, label }: Unit): string {
  const alone = units.filter((one) => one.label === label).length === 1;
  return alone ? label : `${label.slice(0, 60)} (${id})`;
}
