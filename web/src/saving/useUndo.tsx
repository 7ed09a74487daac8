import { useMutation, useQueryClient } from "@tanstack/react-query";
import { createContext, type ReactNode, useContext, useState } from "react";

import { useAway } from "../api/away";
import { ApiError } from "../api/client";
import { useKeys } from "../parts/useKeys";
import { useStable } from "../parts/useStable";
import { saveWhatRests } from "./resting";
import { dropped, next, type Step, turned, versionFor, type Way } from "./steps";
import { type Kept, settle, turn } from "./turns";
import { note, steps, useHistory } from "./useHistory";
import { clashes, ONE_AFTER_ANOTHER } from "./useSaving";
import { ClashDialog } from "./ClashDialog";
import { useShowing } from "./useShowing";

type Undo = {
  undo: () => void;
  redo: () => void;
  canUndo: boolean;
  canRedo: boolean;
  /** What would be taken back, and what done again. */
  undoes: string | undefined;
  redoes: string | undefined;
  pending: boolean;
  /** What stands in the way, and trying once more. */
  trouble: Error | null;
  /** What cannot be turned any more, and why. */
  refused: string | null;
  waitsFor: Error | null;
  again: () => void;
};

const UndoContext = createContext<Undo | null>(null);

/** Gone, used by something else by now, or no longer allowed. */
const refusals = [404, 409, 422];

type Clash = { step: Step; way: Way; theirs: Kept };

/** The one undo of the bench: whatever was done in this window, on whichever of its screens, is taken back from here. */
export function UndoProvider({ children }: { children: ReactNode }) {
  const history = useHistory();
  const queries = useQueryClient();
  const away = useAway();
  const show = useShowing();
  const [clash, setClash] = useState<Clash | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const turning = useMutation({
    scope: ONE_AFTER_ANOTHER,
    mutationFn: async ({ way, theirs }: { way: Way; theirs?: Kept }) => {
      const step = next(steps(), way);
      if (!step) return;
      const version = theirs?.lock_version ?? versionFor(steps(), step, way);
      try {
        const its = way === "back" ? step.back : step.again;
        const kept = await turn(step, its, version, queries);
        note((before) => turned(before, way, kept));
        setClash(null);
        // What is removed is left before it is gone.
        if (its.do === "remove") await show(step, kept, true);
        await settle(step, kept, queries);
        if (its.do !== "remove") await show(step, kept, false);
      } catch (error) {
        if (clashes(error)) return setClash({ step, way, theirs: error.current as Kept });
        if (!(error instanceof ApiError) || !refusals.includes(error.status)) throw error;
        // The thing is gone, or is used by now: what was done before it can still be taken back.
        note((before) => dropped(before, way));
        setRefused(`${step.said}: ${error.faults[0]?.message ?? error.message}`);
      }
    },
  });
  const go = useStable((way: Way) => {
    saveWhatRests();
    setRefused(null);
    turning.mutate({ way });
  });
  const undo = () => go("back");
  const redo = () => go("again");
  useKeys({ undo, redo });
  const value: Undo = {
    undo,
    redo,
    canUndo: history.past.length > 0,
    canRedo: history.future.length > 0,
    undoes: history.past.at(-1)?.said,
    redoes: history.future.at(-1)?.said,
    pending: turning.isPending,
    trouble: turning.error,
    refused,
    waitsFor: turning.isPending ? away : null,
    again: () => turning.variables && turning.mutate(turning.variables),
  };
  return (
    <UndoContext value={value}>
      {children}
      {clash && (
        <ClashDialog
          name={clash.step.said}
          saving={{
            clash: { asking: true, versions: versionsOf(clash) },
            keepTheirs: () => {
              note((before) => dropped(before, clash.way));
              void settle(clash.step, clash.theirs, queries);
              setClash(null);
            },
            keepMine: () => turning.mutate({ way: clash.way, theirs: clash.theirs }),
            putOff: () => setClash(null),
          }}
        />
      )}
    </UndoContext>
  );
}

/** Taking back and doing again, on any screen. */
export function useUndo(): Undo {
  const undo = useContext(UndoContext);
  if (!undo) throw new Error("no undo here");
  return undo;
}

/** What was saved there, and what the step would make of it. */
function versionsOf({ step, way, theirs }: Clash) {
  const { with: mine } = way === "back" ? step.back : step.again;
  return { theirs, mine };
}
