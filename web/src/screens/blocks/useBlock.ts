import { useState } from "react";

import { api, type Block } from "../../api/client";
import { useAutosave } from "../../parts/useAutosave";
import type { Cells } from "./cells";
import { eachCell, type Lines } from "./lines";

/** What is drawn and chosen of a block, one step of the work. */
type State = { cells: Cells; lines: Lines; finished: string; pieces: Block["pieces"] };

function stateOf(block: Block): State {
  const finished = block.picture.finished;
  return {
    cells: block.picture.cells,
    lines: block.lines ?? eachCell(block.picture.cells),
    finished: Array.isArray(finished) ? (finished[1] ?? "") : finished,
    pieces: block.pieces,
  };
}

function save(seen: Block, { cells, lines, finished, pieces }: State): Promise<Block> {
  const single = [...lines.columns, ...lines.rows].every((side) => side === 1);
  return api.changeBlock(seen, { picture: { cells, finished }, pieces, lines: single ? null : lines });
}

/** A block while it is worked on: its steps back and forth, and saving it when the hand rests. */
export function useBlock(block: Block, onSaved: () => void) {
  const [states, setStates] = useState<State[]>(() => [stateOf(block)]);
  const [place, setPlace] = useState(0);
  const now = states[place] ?? stateOf(block);
  const saving = useAutosave({ stored: block, now, save, onSaved });

  return {
    ...now,
    ...saving,
    change: (what: Partial<State>) => {
      setStates((before) => [...before.slice(0, place + 1), { ...now, ...what }]);
      setPlace(place + 1);
    },
    undo: () => setPlace(Math.max(place - 1, 0)),
    redo: () => setPlace(Math.min(place + 1, states.length - 1)),
    canUndo: place > 0,
    canRedo: place < states.length - 1,
    keepTheirs: () => {
      if (!saving.theirs) return;
      const state = stateOf(saving.theirs);
      setStates([state]);
      setPlace(0);
      saving.keepTheirs(state);
    },
  };
}

export type Working = ReturnType<typeof useBlock>;
