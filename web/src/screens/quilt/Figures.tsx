import { useContext } from "react";

import type { Fabric, QuiltAnswer } from "../../api/client";
import { fillOf } from "../../drawing/Weaves";
import { CutSize, FinishedSize } from "../../parts/Sizes";
import { FabricTable } from "./FabricTable";
import { Fraction } from "../../parts/Fraction";
import { MeasureContext } from "../../parts/measures";
import { counted } from "../../parts/plural";

type Props = {
  answer: QuiltAnswer;
  fabrics: Fabric[];
  /** How far a unit of the list is: what was picked for it. */
  standing: (place: number) => React.ReactNode;
  children: React.ReactNode;
};

/** What the quilt comes to: its size, its units, what else is cut, what to buy. */
export function Figures({ answer, fabrics, standing, children }: Props) {
  const [width = "", height = ""] = answer.finished;
  const { backing, binding, batting } = answer;
  const measure = useContext(MeasureContext);
  // What is said of centimetres stands with the number.
  const inches = measure === "cm" ? "" : " inches";
  return (
    <section className="grid content-start gap-1.5 text-md" aria-label="What it comes to">
      <p className="text-lg">
        Finished <FinishedSize length={width} className="border-2 text-3xl" /> ×{" "}
        <FinishedSize length={height} className="border-2 text-3xl" />
        <span className="quiet"> of {answer.blocks} blocks</span>
      </p>
      {answer.fabrics && <FabricTable lines={answer.fabrics} fabrics={fabrics} />}
      <h2 className="mt-2.5 mb-0.5 text-lg">Units</h2>
      <ul className="grid gap-1 text-md">
        {answer.units.map((unit, i) => (
          <li key={i}>
            <b>
              {typeof unit.count === "number"
                ? unit.count
                : `${unit.count.left} left, ${unit.count.right} right`}
            </b>{" "}
            {unit.plural ?? unit.kind} <Sides finished={unit.finished} />
            <Swatches names={Object.values(unit.fabrics)} fabrics={fabrics} />
            {!unit.picked && unit.method_title && (
              <span className="block text-sm text-quiet">counted as {unit.method_title}</span>
            )}
            {unit.say && <span className="block text-sm text-madder">{unit.say}</span>}
            {standing(i)}
          </li>
        ))}
      </ul>
      {children}
      <h2 className="mt-2.5 mb-0.5 text-lg">What else is cut</h2>
      <ul className="grid gap-1 text-md">
        {answer.pieces.map((piece, i) => (
          <li key={i}>
            <b>{piece.count}</b> {piece.called} <CutSize length={piece.size[0] ?? ""} /> ×{" "}
            <CutSize length={piece.size[1] ?? ""} />
            {piece.ends === "mitred" && " mitred"}
            <Swatches names={[piece.fabric]} fabrics={fabrics} />
          </li>
        ))}
        {Object.entries(answer.setting_triangles).map(([name, one]) => (
          <li key={name}>
            <b>{one.count}</b> {one.called}: {one.squares} of <CutSize length={one.square} />
            <Swatches names={[one.fabric]} fabrics={fabrics} />
            <span className="block text-sm text-quiet">{one.say}</span>
          </li>
        ))}
      </ul>
      {answer.pieced.map((one) => (
        <p key={one.say}>{one.say}</p>
      ))}
      <p className="quiet">Cut borders to the length you measure across the top, in three places.</p>
      <h2 className="mt-2.5 mb-0.5 text-lg">Backing, batting, binding</h2>
      <p>
        Backing: {counted(backing.panels, "panel")}, run {backing.run} the quilt,{" "}
        <Fraction length={backing.length} />
        {inches} of fabric in all. Batting:{" "}
        <span className="whitespace-nowrap">
          <Fraction length={batting[0] ?? ""} /> × <Fraction length={batting[1] ?? ""} />.
        </span>{" "}
        Binding: {binding.strips} strips, <Fraction length={binding.length} />
        {inches} joined.
      </p>
      {answer.not_counted.length > 0 && (
        <>
          <h3 className="mt-1.5 font-bold">Not counted</h3>
          <ul className="grid gap-1 text-md">
            {answer.not_counted.map((one) => (
              <li key={one.say}>{one.say}</li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}

function Sides({ finished }: { finished: string | string[] | undefined }) {
  return [finished ?? []].flat().map((side, i) => (
    <span key={i}>
      {i > 0 && " × "}
      <FinishedSize length={side} />
    </span>
  ));
}

function Swatches({ names, fabrics }: { names: (string | null)[]; fabrics: Fabric[] }) {
  return (
    <span className="ml-1.5 inline-flex gap-0.5 align-middle">
      {names.map((name, i) => (
        <svg key={i} width="14" height="14" aria-hidden="true" className="swatch">
          <rect width="14" height="14" fill={fillOf(fabrics.find((one) => String(one.id) === name))} />
        </svg>
      ))}
    </span>
  );
}
