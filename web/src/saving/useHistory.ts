import { useQuery, useQueryClient } from "@tanstack/react-query";

/** Something that was done: what is said of it, and what takes it back, or does it again. */
type Step<Change> = { said: string; turn: Change };
type History<Change> = { past: Step<Change>[]; future: Step<Change>[]; last: string | null };
export type Way = "do" | "undo" | "redo";

const MOST = 50;
const NOTHING = { past: [], future: [], last: null };

/** What was done in one scope, on whichever of its screens one is by then: the one stack of undo and redo there is. */
export function useHistory<Change>(scope: string) {
  const queries = useQueryClient();
  const key = ["history", scope];
  const { data } = useQuery<History<Change>>({
    queryKey: key,
    queryFn: () => NOTHING,
    initialData: NOTHING,
    enabled: false,
    gcTime: Infinity,
  });

  const done = ({ past }: History<Change>, said: string, turn: Change | undefined): History<Change> => ({
    past: turn ? [...past, { said, turn }].slice(-MOST) : past,
    future: [],
    last: said,
  });
  const undone = ({ past, future }: History<Change>, turn: Change | undefined): History<Change> => {
    const step = past.at(-1);
    if (!step) return { past, future, last: null };
    const again = turn ? [...future, { said: step.said, turn }] : [];
    return { past: past.slice(0, -1), future: again, last: `Undone: ${step.said}` };
  };
  const redone = ({ past, future }: History<Change>, turn: Change | undefined): History<Change> => {
    const step = future.at(-1);
    if (!step) return { past, future, last: null };
    const back = turn ? [...past, { said: step.said, turn }] : past;
    return { past: back, future: future.slice(0, -1), last: step.said };
  };

  return {
    /** What was done last, in words. */
    last: data.last,
    undo: data.past.at(-1)?.turn,
    redo: data.future.at(-1)?.turn,
    /** Notes what was done, and what would turn it back. */
    note: (way: Way, said: string, turn: Change | undefined) =>
      queries.setQueryData<History<Change>>(key, (before = NOTHING) =>
        way === "do"
          ? done(before, said, turn)
          : way === "undo"
            ? undone(before, turn)
            : redone(before, turn),
      ),
  };
}
