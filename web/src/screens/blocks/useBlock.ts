import { useCallback, useState } from "react";

import { api, type Block } from "../../api/client";
import { useResting } from "../../saving/useResting";
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
  const [{ states, place }, setHistory] = useState(() => ({ states: [stateOf(block)], place: 0 }));
  const now = states[place] ?? stateOf(block);
  const { saving, keepTheirs } = useResting({
    scope: `block/${block.id}`,
    stored: block,
    now,
    save,
    stateOf,
    onSaved,
  });

  // Whoever draws what does not change need not draw it again: this stays the same.
  const change = useCallback(
    (what: Partial<State>) =>
      setHistory(({ states, place }) => {
        const before = states[place];
        if (!before) return { states, place };
        return { states: [...states.slice(0, place + 1), { ...before, ...what }], place: place + 1 };
      }),
    [],
  );

  return {
    ...now,
    change,
    undo: () => setHistory((before) => ({ ...before, place: Math.max(before.place - 1, 0) })),
    redo: () =>
      setHistory((before) => ({ ...before, place: Math.min(before.place + 1, before.states.length - 1) })),
    canUndo: place > 0,
    canRedo: place < states.length - 1,
    saving: {
      ...saving,
      keepTheirs: () => {
        if (!saving.clash) return;
        const state = stateOf(saving.clash.theirs);
        setHistory({ states: [state], place: 0 });
        keepTheirs(state);
      },
    },
  };
}

export type Working = ReturnType<typeof useBlock>;
