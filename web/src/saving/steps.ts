/** What a step is done to: "unit 12", "tool 3". */
export type Of = "unit" | "project" | "tool" | "fabric" | "block" | "makers" | "hands";
/** One turn of a step, there or back: what is done, and with what. It can be written down and read again. */
export type Turn = { do: string; with?: unknown };
/** One of several things that a step is done to at once: names of its versions before and after. */
export type Part = { of: Of; id: number; before: string; after: string };
/** Something that was done: what is said of it, and what takes it back and does it again. */
export type Step = {
  said: string;
  of: Of;
  id: number;
  back: Turn;
  again: Turn;
  /** What stood before and after: names of versions, each for what stood there and nothing else. */
  before: string;
  after: string;
  /** The version it was saved as. */
  version: number;
  /** What it was done to, where that is more than one thing. */
  parts?: Part[];
};
/** The version a thing has by what this window did last, and which of the versions before it says the same. */
type Known = { version: number; says: string };
/** All that was done in this window, and what can be done again. */
export type Steps = {
  past: Step[];
  future: Step[];
  known: Record<string, Known>;
  /** What was done last, in words. */
  last: string | null;
};
export type Way = "back" | "again";

export const MOST = 100;
export const NOTHING: Steps = { past: [], future: [], known: {}, last: null };

const nameOf = ({ of, id }: Pick<Step, "of" | "id">) => `${of} ${id}`;
/** What a version is called. */
export const called = (version: number) => String(version);

/** Something was done: it can be taken back from here, and what a turned step had made of it is what stood before. */
export function did(steps: Steps, step: Step): Steps {
  const before = stoodBefore(steps, step, step.before);
  const parts = step.parts?.map((part) => ({ ...part, before: stoodBefore(steps, part, part.before) }));
  const known = { ...steps.known, [nameOf(step)]: { version: step.version, says: step.after } };
  parts?.forEach((part) => (known[nameOf(part)] = { version: Number(part.after), says: part.after }));
  const done = parts ? { ...step, before, parts } : { ...step, before };
  return { past: [...steps.past, done].slice(-MOST), future: [], known, last: step.said };
}

function stoodBefore({ known }: Steps, thing: Pick<Step, "of" | "id">, version: string): string {
  const stood = known[nameOf(thing)];
  return stood && called(stood.version) === version ? stood.says : version;
}

/** The step that would be turned next. */
export function next(steps: Steps, way: Way): Step | undefined {
  return (way === "back" ? steps.past : steps.future).at(-1);
}

/** The version that a step is turned over: an old one where somebody else's change came between, so that it is refused. */
export function versionFor({ known }: Steps, step: Step, way: Way): number {
  const now = known[nameOf(step)];
  const stood = way === "back" ? step.after : step.before;
  return now?.says === stood ? now.version : step.version;
}

/** What a step made: the version it is by then, and those of its parts. */
type Turned = { id?: number; lock_version: number; parts?: { id: number; lock_version: number }[] };

/** A step was turned; what was added again has another id, and whatever was done to it before goes with it. */
export function turned(steps: Steps, way: Way, kept: Turned | null): Steps {
  const step = next(steps, way);
  if (!step) return steps;
  const id = kept?.id ?? step.id;
  const renamed = ({ past, future }: Pick<Steps, "past" | "future">) => ({
    past: past.map((one) => same(one, step, id)),
    future: future.map((one) => same(one, step, id)),
  });
  const there = same(step, step, id);
  const lists = renamed(steps);
  const says = way === "back" ? step.before : step.after;
  const known = { ...steps.known };
  if (kept) known[nameOf(there)] = { version: kept.lock_version, says };
  there.parts?.forEach((part) => {
    const version = kept?.parts?.find(({ id }) => id === part.id)?.lock_version;
    if (version !== undefined)
      known[nameOf(part)] = { version, says: way === "back" ? part.before : part.after };
  });
  return way === "back"
    ? { past: lists.past.slice(0, -1), future: [...lists.future, there], known, last: `Undone: ${step.said}` }
    : { past: [...lists.past, there], future: lists.future.slice(0, -1), known, last: step.said };
}

/** A step that is to stay as it is: what was saved elsewhere stands. */
export function dropped(steps: Steps, way: Way): Steps {
  return way === "back"
    ? { ...steps, past: steps.past.slice(0, -1), last: null }
    : { ...steps, future: steps.future.slice(0, -1), last: null };
}

function same(one: Step, step: Step, id: number): Step {
  return one.of === step.of && one.id === step.id ? { ...one, id } : one;
}
