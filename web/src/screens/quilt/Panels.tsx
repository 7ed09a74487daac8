import type { QuiltAnswer } from "../../api/client";
import { CutSize, FinishedSize } from "../../parts/Sizes";
import { counted, formOf } from "../../parts/plural";

type Made = NonNullable<QuiltAnswer["panels"]>[number];

/** The quilt on foundation sheets: open where she owns some, or folded for who asks. */
export function Panels({ panels }: { panels: Made[] }) {
  const own = panels.filter(({ assumed }) => !assumed);
  const others = panels.filter(({ assumed }) => assumed);
  return (
    <section className="mt-4.5" aria-labelledby="panels">
      <h2 id="panels">On foundation sheets</h2>
      {own.length > 0 && <Cells panels={own} />}
      {others.length > 0 && (
        <details>
          <summary className="min-h-10 w-fit cursor-pointer py-2">
            {own.length > 0 ? "On cells of other sizes" : "None is in your drawer: what it would come to"}
          </summary>
          <Cells panels={others} />
        </details>
      )}
    </section>
  );
}

/** One size of cell after the other: panels, how large they are squared up, how they are joined. */
function Cells({ panels }: { panels: Made[] }) {
  return (
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
