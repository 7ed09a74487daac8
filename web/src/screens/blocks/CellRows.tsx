import { memo } from "react";

import type { Fabric } from "../../api/client";
import { fillOf } from "../../drawing/Weaves";
import { type Cells, patches } from "./cells";

type RowsProps = { cells: Cells; fabrics: Fabric[]; side: number; outlined?: boolean };

/** The patches of a block's cells. A row that is as it was is not drawn again. */
export function CellRows({ cells, ...how }: RowsProps) {
  return cells.map((line, y) => <CellRow key={y} line={line} y={y} {...how} />);
}

type RowProps = Omit<RowsProps, "cells"> & { line: Cells[number]; y: number };

const CellRow = memo(function CellRow({ line, y, fabrics, side, outlined = false }: RowProps) {
  return line.flatMap((cell, x) =>
    patches(cell).map(({ fabric, corners }, i) => (
      <polygon
        key={`${x}/${i}`}
        points={corners.map(([cx, cy]) => `${(x + cx) * side},${(y + cy) * side}`).join(" ")}
        fill={fillNamed(fabrics, fabric)}
        stroke={outlined ? "var(--ink)" : undefined}
        strokeWidth="0.3"
      />
    )),
  );
});

export function fillNamed(fabrics: Fabric[], name: string): string {
  return fillOf(fabrics.find((fabric) => String(fabric.id) === name));
}
