import { useState } from "react";

import { EntryField } from "../../parts/EntryField";
import type { Cells } from "./cells";
import { type Lines, MOST, onLines, told, widths } from "./lines";

type Props = {
  cells: Cells;
  lines: Lines;
  /** The fabric of cells that come new. */ plain: string;
  onChange: (what: { cells: Cells; lines: Lines }) => void;
};

/** What may be said of columns or rows. */
export const WIDTHS = `allowed is a number up to ${MOST}, or widths that add up to no more, such as 1 2 1`;

/** The block's columns and rows: how many, or how wide each is beside the others. */
export function GridForm({ cells, lines, plain, onChange }: Props) {
  const now = { columns: told(lines.columns), rows: told(lines.rows) };
  const [typed, setTyped] = useState<typeof now | null>(null);
  const shown = typed ?? now;
  const read = { columns: widths(shown.columns), rows: widths(shown.rows) };
  const fault = (side: keyof typeof read) => (read[side] ? undefined : WIDTHS);
  const enter = (side: keyof typeof read) => (text: string) => setTyped({ ...shown, [side]: text });
  return (
    <details>
      <summary className="min-h-8 cursor-pointer font-semibold">Columns and rows</summary>
      <form
        className="my-1.5 flex flex-wrap items-end gap-2 [&_.entry]:w-22 [&_input]:w-full"
        onSubmit={(event) => {
          event.preventDefault();
          if (!read.columns || !read.rows) return;
          const next = { columns: read.columns, rows: read.rows };
          setTyped(null);
          onChange({ cells: onLines(cells, next, plain), lines: next });
        }}
      >
        <EntryField
          id="grid-columns"
          label="Columns"
          value={shown.columns}
          error={fault("columns")}
          onEnter={enter("columns")}
        />
        <EntryField
          id="grid-rows"
          label="Rows"
          value={shown.rows}
          error={fault("rows")}
          onEnter={enter("rows")}
        />
        <button type="submit" className="button">
          Set them
        </button>
      </form>
      <p className="quiet">How many, or how wide each is: 1 2 1 has a middle twice as wide as the sides.</p>
    </details>
  );
}
