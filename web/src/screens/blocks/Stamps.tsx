import { useQuery } from "@tanstack/react-query";
import { memo } from "react";

import type { Block, Fabric } from "../../api/client";
import { read } from "../../api/reads";
import { Hint } from "../../parts/Hint";
import { BlockPicture } from "./BlockPicture";
import { type Cells, mirrored, stampOf, turned } from "./cells";

/** What is set down by a tap, turned and mirrored as it stands now. */
export type Stamping = {
  name: string;
  cells: (chosen: string[]) => Cells;
  turned: () => Stamping;
  mirrored: () => Stamping;
};

function stamping(name: string, cells: (chosen: string[]) => Cells): Stamping {
  return {
    name,
    cells,
    turned: () => stamping(name, (chosen) => turned(cells(chosen))),
    mirrored: () => stamping(name, (chosen) => mirrored(cells(chosen))),
  };
}

type Props = {
  stamp: Stamping | null;
  chosen: string[];
  fabrics: Fabric[];
  others: Block[];
  /** Of the block. */ columns: number;
  rows: number;
  onChoose: (stamp: Stamping | null) => void;
};

/** Units and parts to set down at once, in the chosen fabrics; other blocks that fit are parts, too, in their own. */
export const Stamps = memo(function Stamps({
  stamp,
  chosen,
  fabrics,
  others,
  columns,
  rows,
  onChoose,
}: Props) {
  const stamps = useQuery(read.stamps()).data ?? [];
  const fits = (cells: unknown[][]) => cells.length <= rows && (cells[0]?.length ?? 0) <= columns;
  const all = [
    ...stamps
      .filter(({ cells }) => fits(cells))
      .map(({ name, cells }) => stamping(name, (names) => stampOf(cells, names))),
    ...others
      .filter(({ picture }) => fits(picture.cells))
      .map(({ name, picture }) => stamping(name, () => picture.cells)),
  ];
  return (
    <details>
      <summary className="min-h-8 cursor-pointer font-semibold">Units and parts</summary>
      <ul className="flex flex-wrap gap-1.5">
        {all.map((one) => (
          <li key={one.name}>
            <Hint text={one.name}>
              <button
                type="button"
                className="grid size-11.5 place-items-center rounded-[3px] border-[1.5px] border-rule bg-panel aria-pressed:border-brass-deep aria-pressed:shadow-chosen"
                aria-label={one.name}
                aria-pressed={stamp?.name === one.name}
                onClick={() => onChoose(stamp?.name === one.name ? null : one)}
              >
                <BlockPicture cells={one.cells(chosen)} fabrics={fabrics} size={34} />
              </button>
            </Hint>
          </li>
        ))}
      </ul>
      {stamp && (
        <div className="mt-2 flex flex-wrap items-center gap-2 text-sm">
          <BlockPicture cells={stamp.cells(chosen)} fabrics={fabrics} size={56} label={stamp.name} />
          <Hint text="Turn it" action="turn">
            <button type="button" className="button" onClick={() => onChoose(stamp.turned())}>
              Turn it
            </button>
          </Hint>
          <Hint text="Mirror it" action="mirror">
            <button type="button" className="button" onClick={() => onChoose(stamp.mirrored())}>
              Mirror it
            </button>
          </Hint>
          <p className="quiet">A tap sets it down, its upper left cell there.</p>
        </div>
      )}
    </details>
  );
});
