import { Slider } from "radix-ui";
import { memo } from "react";

import type { Ladder } from "../../api/client";
import { spoken } from "../../parts/lengths";
import { FinishedSize } from "../../parts/Sizes";
import { counted } from "../../parts/plural";

type Props = {
  ladder: Ladder;
  /** What a unit of each kind is called. */ titles: Record<string, string | undefined>;
  finished: string;
  onChange: (what: { finished: string }) => void;
};
type Rung = Ladder[number];

const WIDTH = 280;
const INSET = 10;

/** The block's size on a beam of its own: slide the fence, and see on which marks each unit falls. */
export const Sizes = memo(function Sizes({ ladder, titles, finished, onChange }: Props) {
  // The ladder comes best first; here it stands by size, in the order in which sizes grow.
  const rungs = ladder.toSorted((one, other) => sized(one.block) - sized(other.block));
  const at = rungs.findIndex(({ block }) => block === finished);
  const good = rungs.filter((rung) => rung.all_on_marks);
  const place = (i: number) => INSET + (i / Math.max(1, rungs.length - 1)) * (WIDTH - 2 * INSET);
  const shown = rungs[at];
  return (
    <section aria-labelledby="sizes" className="max-wide:[grid-area:1_/_2_/_4] max-phone:[grid-area:auto]">
      <h2 id="sizes" className="mt-0.5 mb-1.5 text-lg">
        Sizes your tools like
      </h2>
      <p className="quiet text-sm">
        {good.length > 0
          ? "Tall marks: every unit falls on a mark of a tool in your drawer."
          : "At no size every unit falls on a mark; the marks are as tall as many do."}
      </p>
      <div className="relative mt-2 h-12 w-70">
        <svg width={WIDTH} height="46" aria-hidden="true">
          {rungs.map((rung, i) => (
            <g key={rung.block}>
              <line
                x1={place(i)}
                x2={place(i)}
                y1="26"
                y2={26 - height(rung)}
                className={rung.all_on_marks ? "mark mark-main" : "mark"}
              />
              {/^\d+(cm)?$/.test(rung.block) && i % 4 === 0 && (
                <text x={place(i)} y="42" className="fill-quiet figure text-xs [text-anchor:middle]">
                  {rung.block.replace("cm", "")}
                </text>
              )}
            </g>
          ))}
        </svg>
        <Slider.Root
          className="absolute top-0 flex h-7 touch-none items-center"
          style={{ left: INSET, width: WIDTH - 2 * INSET }}
          min={0}
          max={Math.max(1, rungs.length - 1)}
          step={1}
          value={[Math.max(0, at)]}
          onValueChange={([next = 0]) => rungs[next] && onChange({ finished: rungs[next].block })}
        >
          <Slider.Track className="fence-run" />
          <Slider.Thumb
            className="thumb h-7.5"
            aria-label="Finished width of the block"
            aria-valuetext={spoken(finished)}
          />
        </Slider.Root>
      </div>
      {shown ? (
        <Units rung={shown} titles={titles} />
      ) : (
        <p className="quiet text-sm">Between the sizes of this beam.</p>
      )}
    </section>
  );
});

/** Only for the order: what is told comes from the core. */
function sized(length: string): number {
  const [whole = "0", part = "0/1"] = length.replace("cm", "").split(" ");
  if (whole.includes("/")) return ratio(whole);
  return Number(whole) + ratio(part);
}

function ratio(part: string): number {
  const [over = "0", under = "1"] = part.split("/");
  return Number(over) / Number(under);
}

function height(rung: Rung): number {
  const on = rung.units.filter(({ marks }) => marks.length > 0).length;
  return rung.all_on_marks ? 24 : 4 + (10 * on) / Math.max(1, rung.units.length);
}

/** Units that differ by their fabrics alone fall on the same marks. */
function different(units: Rung["units"]): Rung["units"] {
  const told = units.map((unit) => JSON.stringify(unit));
  return units.filter((_, i) => told.indexOf(told[i] ?? "") === i);
}

function Units({ rung, titles }: { rung: Rung; titles: Props["titles"] }) {
  return (
    <ul className="grid gap-1 text-sm">
      {different(rung.units).map((unit, i) => (
        <li key={`${unit.kind}/${i}`}>
          {[unit.finished ?? []].flat().map((side, place) => (
            <span key={place}>
              {place > 0 && " × "}
              <FinishedSize length={side} className="text-md" />
            </span>
          ))}{" "}
          {titles[unit.kind] ?? unit.kind.replaceAll("_", " ")}
          <span className="quiet">
            {unit.marks.length > 0 ? `: a mark on ${counted(unit.marks.length, "tool")}` : ": no mark"}
            {unit.cut_sizes_on_eighths ? "" : ", off the eighths"}
          </span>
        </li>
      ))}
    </ul>
  );
}
