import { useCallback, useState } from "react";

import { api, type Block } from "../../api/client";
import { drawnOf } from "../../saving/drawn";
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

/** As a block keeps it: lines of one cell each are not told. */
function kept({ lines, ...state }: State) {
  const single = [...lines.columns, ...lines.rows].every((side) => side === 1);
  return { ...state, lines: single ? null : lines };
}

function save(seen: Block, state: State): Promise<Block> {
  const { cells, finished, pieces, lines } = kept(state);
  return api.changeBlock(seen, { picture: { cells, finished }, pieces, lines });
}

/** A block while it is worked on: saved when the hand rests, every stroke a step that can be taken back. */
export function useBlock(block: Block, onSaved: () => void) {
  const [now, setNow] = useState(() => stateOf(block));
  const { saving } = useResting({
    stored: block,
    now,
    said: `Changed ${block.name}`,
    save,
    step: (from, to) => ({
      of: "block",
      id: block.id,
      back: { do: "draw", with: drawnOf(kept(from), kept(to)) },
      again: { do: "draw", with: drawnOf(kept(to), kept(from)) },
    }),
    stateOf,
    show: setNow,
    onSaved,
  });
  // Whoever draws what does not change need not draw it again: this stays the same.
  const change = useCallback((what: Partial<State>) => setNow((before) => ({ ...before, ...what })), []);

  return { ...now, change, saving };
}

export type Working = ReturnType<typeof useBlock>;
