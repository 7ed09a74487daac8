import { useEffect, useRef, useState } from "react";

import { api, ApiError, type Block, type BlockGiven } from "../../api/client";
import type { Cells } from "./cells";

/** What is drawn and chosen of a block, one step of the work. */
type State = { cells: Cells; finished: string; pieces: Block["pieces"] };

const SAVED_AFTER = 500;

function stateOf(block: Block): State {
  const finished = block.picture.finished;
  return {
    cells: block.picture.cells,
    finished: Array.isArray(finished) ? (finished[1] ?? "") : finished,
    pieces: block.pieces,
  };
}

/** A block while it is worked on: its steps back and forth, and saving it when the hand rests. */
export function useBlock(block: Block, onSaved: () => void) {
  const [states, setStates] = useState<State[]>(() => [stateOf(block)]);
  const [place, setPlace] = useState(0);
  const [trouble, setTrouble] = useState<ApiError | null>(null);
  const [theirs, setTheirs] = useState<Block | null>(null);
  const seen = useRef(block);
  const saved = useRef(states[0]);
  const now = states[place] ?? stateOf(block);

  useEffect(() => {
    if (now === saved.current || theirs) return;
    const timer = setTimeout(() => {
      const given: Partial<BlockGiven> = {
        picture: { cells: now.cells, finished: now.finished },
        pieces: now.pieces,
      };
      saved.current = now;
      api.changeBlock(seen.current, given).then(
        (stored) => {
          seen.current = stored;
          setTrouble(null);
          onSaved();
        },
        (error: unknown) => {
          if (!(error instanceof ApiError)) throw error;
          saved.current = undefined;
          if (error.status === 409 && error.current) setTheirs(error.current as Block);
          else setTrouble(error);
        },
      );
    }, SAVED_AFTER);
    return () => clearTimeout(timer);
  }, [now, theirs, onSaved]);

  return {
    ...now,
    trouble,
    theirs,
    change: (what: Partial<State>) => {
      setStates((before) => [...before.slice(0, place + 1), { ...now, ...what }]);
      setPlace(place + 1);
    },
    undo: () => setPlace(Math.max(place - 1, 0)),
    redo: () => setPlace(Math.min(place + 1, states.length - 1)),
    canUndo: place > 0,
    canRedo: place < states.length - 1,
    keepTheirs: () => {
      if (!theirs) return;
      const state = stateOf(theirs);
      seen.current = theirs;
      saved.current = state;
      setStates([state]);
      setPlace(0);
      setTheirs(null);
    },
    keepMine: () => {
      if (theirs) seen.current = theirs;
      setTheirs(null);
    },
  };
}

export type Working = ReturnType<typeof useBlock>;
