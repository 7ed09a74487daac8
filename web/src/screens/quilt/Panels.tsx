import type { QuiltAnswer } from "../../api/client";
import { CutSize, FinishedSize } from "../../parts/Sizes";
import { counted, formOf } from "../../parts/plural";

type Made = NonNullable<QuiltAnswer["panels"]>[number];

/** The quilt on foundation sheets, one size of cell after the other: panels, how large they are squared up, how they are joined. */
export function Panels({ panels }: { panels: Made[] }) {
  return (
    <section className="mt-4.5" aria-labelledby="panels">
      <h2 id="panels">On foundation sheets</h2>
      <ul className="flex flex-wrap gap-x-10 gap-y-3">
        {panels.map((one, i) => (
          <li key={i} className="flex-[0_1_340px]">
            <p>
              Cells that finish at <FinishedSize length={one.cell} />
            </p>
            <p className="quiet">
              {one.sheet}
              {one.assumed && " (assumed: none in the drawer)"}, {one.holds.join(" × ")} cells
            </p>
            {one.say ? <p className="quiet">{one.say}</p> : <Panel one={one} />}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Panel({ one }: { one: Made }) {
  const { block = [], panels = [], joins = 0, sheets = 0 } = one;
  return (
    <>
      <ul>
        {panels.map(({ cells, count, square_up: [wide = "", high = ""] }) => (
          <li key={cells.join("/")}>
            <b>{count}</b> {formOf(count, "panel")} of {cells.join(" × ")} cells: square up to{" "}
            <span className="whitespace-nowrap">
              <CutSize length={wide} /> × <CutSize length={high} />
            </span>
          </li>
        ))}
      </ul>
      <p className="quiet">
        A block is {block.join(" × ")} cells. From {counted(sheets, "sheet")}
        {joins > 0 && `, with ${counted(joins, "seam")} to join panels`}.
      </p>
    </>
  );
}
