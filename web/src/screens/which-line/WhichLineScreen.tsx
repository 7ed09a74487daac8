import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useSearchParams } from "react-router";

import { api, ApiError, type Kind, type Measure } from "../../api/client";
import { UnitPicture } from "../../drawing/UnitPicture";
import { Weaves } from "../../drawing/Weaves";
import { EntryField } from "../../parts/EntryField";
import { Fraction } from "../../parts/Fraction";
import { Heading } from "../../parts/Heading";
import { told } from "../../parts/measures";
import { Notice } from "../../parts/Notice";
import { Screen } from "../../parts/Screen";
import { ScreenTabs, TOOL_TABS } from "../../parts/ScreenTabs";
import { useKinds } from "../../parts/useKinds";
import { Words } from "../../parts/Words";
import { LastDone } from "../../saving/SavingLine";
import { LineAnswer } from "./LineAnswer";

/** Which line of which tool: a unit and a size, and every tool in the drawer as it is laid for it. */
export function WhichLineScreen() {
  const [params, setParams] = useSearchParams();
  const measure: Measure = params.get("measure") === "cm" ? "cm" : "inch";
  const kinds = (useKinds(measure).data?.kinds ?? []).filter(({ sized_by }) => sized_by === "number");
  const kind = kinds.find((one) => one.kind === params.get("kind")) ?? kinds[0];
  const change = (changes: Record<string, string>) =>
    setParams({ ...Object.fromEntries(params), ...changes }, { replace: true });
  return (
    <Screen title="Which line?" under={<ScreenTabs tabs={TOOL_TABS} />}>
      <Weaves fabrics={[]} />
      <Heading>Which line?</Heading>
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
    </Screen>
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
      {answer && <LineAnswer answer={answer} />}
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
