import type { Laying, WhichLine } from "../../api/client";
import { ScenePicture } from "../../drawing/ScenePicture";
import { CutSize, FinishedSize, PrintedNumber } from "../../parts/Sizes";
import { Words } from "../../parts/Words";

type Props = {
  answer: WhichLine;
  /** How fabric of a role is drawn, where it is a unit of a project. */
  fillFor?: (role: string | undefined) => string;
};

/** Every tool that has a line for the unit, as it is laid, and what the others lack. */
export function LineAnswer({ answer, fillFor = () => "url(#fabric-unknown)" }: Props) {
  return (
    <>
      {answer.groups.map((group) => (
        <section key={group.title}>
          <h2 className="flex items-center gap-2.5">
            {group.title}
            {group.roles.length > 0 && <span className="quiet"> · {group.roles.join(", ")}</span>}
            {group.size?.map((one) => (
              <FinishedSize key={one} length={one} />
            ))}
          </h2>
          <ul>
            {group.layings.map((laying) => (
              <Laid key={laying.tool} laying={laying} fill={fillFor(group.roles[0])} />
            ))}
          </ul>
          {group.missing.map((one) => (
            <p key={one.tool} className="max-w-215 border-t border-rule py-2 text-quiet">
              <strong className="text-ink">{one.name}.</strong> <Words>{one.say}</Words>
            </p>
          ))}
          {group.layings.length + group.missing.length === 0 && (
            <p className="quiet">No tool in your drawer cuts this. A straight ruler or a template would.</p>
          )}
        </section>
      ))}
      {answer.wedges && <Wedges rows={answer.wedges} />}
    </>
  );
}

/** What the number is, as it is printed. */
const READS: Record<string, string> = {
  finished: "finished size",
  strip: "strip width",
  unfinished: "unfinished size",
  cut: "cut size",
  cell: "cell, finished",
};

function Laid({ laying, fill }: { laying: Laying; fill: string }) {
  return (
    <li className="flex flex-wrap items-start gap-x-6.5 gap-y-3 border-t border-rule py-3">
      {laying.scene && (
        <ScenePicture
          scene={laying.scene}
          width={560}
          height={320}
          fill={fill}
          label={`${laying.name} as it lies, at ${laying.mark}`}
        />
      )}
      <div className="flex-[1_1_340px]">
        <p className="flex items-center gap-3">
          <PrintedNumber printed={laying.mark} reads={laying.reads} className="text-5xl" />
          <span className="quiet text-md">{READS[laying.reads] ?? ""}</span>
        </p>
        <h3 className="mt-1.5 text-xl">{laying.name}</h3>
        <ol className="mt-1.5 grid max-w-160 list-decimal gap-0.75 pl-5">
          {laying.steps.map((step) => (
            <li key={step}>
              <Words>{step}</Words>
            </li>
          ))}
        </ol>
      </div>
    </li>
  );
}

function Wedges({ rows }: { rows: NonNullable<WhichLine["wedges"]> }) {
  return (
    <section>
      <h2 className="flex items-center gap-2.5">From the strip to the block, and back</h2>
      <div className="relative overflow-x-auto">
        <table className="values max-narrow:[&_thead_th]:whitespace-normal">
          <thead>
            <tr>
              <th scope="col">Strip</th>
              <th scope="col">Ring of wedges</th>
              <th scope="col">Square for two corners</th>
              <th scope="col">Side of half a web</th>
              <th scope="col">Square for its kite</th>
              <th scope="col">Wedges in a width of fabric</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <tr key={row.strip} className="value">
                <th scope="row">
                  <CutSize length={row.strip} />
                </th>
                <td>
                  <FinishedSize length={row.ring} />
                </td>
                <td>{row.corner}</td>
                <td>{row.web}</td>
                <td>{row.kite}</td>
                <td>{row.wedges}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
