import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useSearchParams } from "react-router";

import { api, ApiError, type Kind, type Laying, type Measure, type WhichLine } from "../../api/client";
import { ScenePicture } from "../../drawing/ScenePicture";
import { UnitPicture } from "../../drawing/UnitPicture";
import { Weaves } from "../../drawing/Weaves";
import { EntryField } from "../../parts/EntryField";
import { Fraction } from "../../parts/Fraction";
import { Frame } from "../../parts/Frame";
import { told } from "../../parts/measures";
import { Notice } from "../../parts/Notice";
import { CutSize, FinishedSize, PrintedNumber } from "../../parts/Sizes";
import { useKinds } from "../../parts/useKinds";
import { Words } from "../../parts/Words";
import { LastDone } from "../../saving/SavingLine";

/** Which line of which tool: a unit and a size, and every tool in the drawer as it is laid for it. */
export function WhichLineScreen() {
  const [params, setParams] = useSearchParams();
  const measure: Measure = params.get("measure") === "cm" ? "cm" : "inch";
  const kinds = (useKinds(measure).data?.kinds ?? []).filter(({ sized_by }) => sized_by === "number");
  const kind = kinds.find((one) => one.kind === params.get("kind")) ?? kinds[0];
  const change = (changes: Record<string, string>) =>
    setParams({ ...Object.fromEntries(params), ...changes }, { replace: true });
  return (
    <div>
      <Weaves fabrics={[]} />
      <Frame />
      <main className="page">
        <h1>Which line?</h1>
        <LastDone />
        <p className="mt-1 max-w-170 text-quiet">
          A unit and a size: every tool in your drawer that can cut or trim it, as it lies on the fabric, with
          its line lit.
        </p>
        {kind ? (
          <Asked kinds={kinds} kind={kind} size={params.get("size")} measure={measure} onChange={change} />
        ) : (
          <Notice>Opening…</Notice>
        )}
      </main>
    </div>
  );
}

type AskedProps = {
  kinds: Kind[];
  kind: Kind;
  size: string | null;
  measure: Measure;
  onChange: (changes: Record<string, string>) => void;
};

function Asked({ kinds, kind, size, measure, onChange }: AskedProps) {
  const [unfinished, setUnfinished] = useState("");
  // A unit of two sides goes by its height, in the proportions of the one to begin with.
  const starter = { ...kind.starter, count: kind.starter.count };
  const document = { unit: starter, measure, ...(size && { at: told(size, measure) }) };
  const asked = useQuery({
    queryKey: ["which-line", document],
    queryFn: ({ signal }) => api.whichLine(document, signal),
    placeholderData: keepPreviousData,
  });
  const error = asked.error instanceof ApiError ? asked.error : null;
  const answer = asked.data;
  return (
    <>
      <div className="mt-3.5 flex flex-wrap items-end gap-x-5 gap-y-3.5">
        <label className="entry">
          <span>Unit</span>
          <select
            className="min-w-57.5"
            value={kind.kind}
            onChange={(event) => onChange({ kind: event.target.value, size: "" })}
            aria-label="Unit"
          >
            {kinds.map((one) => (
              <option key={one.kind} value={one.kind}>
                {one.title}
              </option>
            ))}
          </select>
        </label>
        <EntryField
          id="which-size"
          label="Finished size"
          ringed
          value={size || (answer?.finished[0] ?? "")}
          error={error?.at("/at")}
          onEnter={(text) => onChange({ size: told(text, measure) })}
        />
        <EntryField
          id="which-unfinished"
          label="or unfinished, with seam allowance"
          value={unfinished || (answer?.unfinished[0] ?? "")}
          error={undefined}
          onEnter={(text) => {
            setUnfinished("");
            void finishedOf(kind, told(text, measure), measure).then((one) => one && onChange({ size: one }));
          }}
        />
        <label className="entry">
          <span>Measure</span>
          <select
            className="min-w-32.5"
            value={measure}
            onChange={(event) => onChange({ measure: event.target.value, size: "" })}
          >
            <option value="inch">inches</option>
            <option value="cm">centimetres</option>
          </select>
        </label>
        {answer && (
          <span className="ml-auto flex">
            <UnitPicture
              drawing={answer.drawing}
              fillOf={() => "var(--panel)"}
              size={70}
              label={kind.title}
            />
          </span>
        )}
      </div>
      {answer?.asks && !error && (
        <p
          className="mt-3 flex flex-wrap items-center gap-x-3.5 gap-y-2 border-l-4 border-brass bg-brass-pale px-3 py-2"
          role="status"
        >
          <Words>{answer.asks.say}</Words>{" "}
          <button
            type="button"
            className="button"
            onClick={() => onChange({ size: answer.asks?.finished[0] ?? "" })}
          >
            No, it finishes at <Fraction length={answer.asks.finished[0] ?? ""} />
          </button>
        </p>
      )}
      {error && !error.at("/at") && <Notice tone="alarm">{error.faults[0]?.message ?? error.message}</Notice>}
      {answer && <Answer answer={answer} />}
    </>
  );
}

/** The finished size of a unit that measures so much before it is sewn in: the core takes the allowance off. */
async function finishedOf(kind: Kind, unfinished: string, measure: Measure): Promise<string | undefined> {
  try {
    const answer = await api.whichLine({ unit: kind.starter, measure, unfinished });
    return answer.finished[0];
  } catch {
    return undefined;
  }
}

function Answer({ answer }: { answer: WhichLine }) {
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
