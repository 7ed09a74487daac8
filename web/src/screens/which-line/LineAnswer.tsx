import type { Laying, WhichLine } from "../../api/client";
import { ScenePicture } from "../../drawing/ScenePicture";
import { CutSize, FinishedSize, PrintedNumber } from "../../parts/Sizes";
import { Words } from "../../parts/Words";

/** Every tool that has a line for the unit, as it is laid, and what the others lack. */
export function LineAnswer({ answer }: { answer: WhichLine }) {
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
              <Laid key={laying.tool} laying={laying} />
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

function Laid({ laying }: { laying: Laying }) {
  return (
    <li className="flex flex-wrap items-start gap-x-6.5 gap-y-3 border-t border-rule py-3">
      {laying.scene && (
        <ScenePicture
          scene={laying.scene}
          width={330}
          height={190}
          fill="url(#fabric-unknown)"
          label={`${laying.name} as it lies, at ${laying.mark}`}
        />
      )}
      <div className="flex-[1_1_360px]">
        <h3 className="flex items-center gap-2.5">
          {laying.name} <PrintedNumber printed={laying.mark} reads={laying.reads} />
        </h3>
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
