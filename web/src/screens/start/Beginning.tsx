import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";

import { askAt } from "../../api/bench";
import { api, ApiError, type Kind, type Measure, type UsualTool } from "../../api/client";
import { read } from "../../api/reads";
import { UnitPicture } from "../../drawing/UnitPicture";
import { EntryField } from "../../parts/EntryField";
import { Heading } from "../../parts/Heading";
import { PlainHead } from "../../parts/head/PlainHead";
import { useTitle } from "../../parts/useTitle";
import { LengthEntry } from "../../parts/LengthEntry";
import { MeasureContext } from "../../parts/measures";
import { useKinds } from "../../parts/useKinds";
import { UsualChoice } from "../tools/UsualTools";
import { type FabricTold, FIRST_FABRICS, FabricQuestion } from "./FabricQuestion";
import { Opening } from "../../parts/Opening";
import { forgetDraft, useDraft } from "../../saving/useDraft";

/** What most quilters have. */
const USUAL = ["long-ruler"];

type Told = { name: string; measure: Measure; kind: string; finished: string; count: string };

/** As they are answered so far. */
const DRAFT = "start";

/** Three questions, and the first unit is weighed. */
export function Beginning({ onBack }: { onBack: () => void }) {
  const [given, setGiven] = useDraft<Told>(DRAFT, "given", {
    name: "My quilt",
    measure: "inch",
    kind: "half_square",
    finished: "",
    count: "",
  });
  const [tools, setTools] = useDraft<string[]>(DRAFT, "tools", USUAL);
  const [fabrics, setFabrics] = useDraft<FabricTold[]>(DRAFT, "fabrics", FIRST_FABRICS);
  const queries = useQueryClient();
  useTitle("Start your own");
  const known = useKinds(given.measure).data;
  const kinds = known?.kinds ?? [];
  const kind = kinds.find((one) => one.kind === given.kind) ?? kinds[0];
  const usual = useQuery(read.usualTools());
  const beginning = useMutation({
    mutationFn: async () => {
      if (!kind) return;
      const bench = askAt((await api.comeTo("own")).maker_id);
      // What is in her drawer from an earlier start is not added again.
      const hers = (await queries.fetchQuery(read.tools())).tools.map(({ tool }) => tool.id);
      const file = {
        oaken_gauge: 1,
        tools: (usual.data ?? [])
          .map(({ tool }) => tool)
          .filter(({ id }) => tools.includes(id) && !hers.includes(id)),
        fabrics: fabrics.map(({ name, colour, weave, fabric }, i) => ({
          id: `fabric-${i}`,
          name,
          color: colour,
          weave,
          ...fabric,
        })),
        projects: [
          {
            name: given.name,
            measure: given.measure,
            seam_allowance: known?.usual_seams[given.measure],
            units: [{ name: kind.title, unit: unitOf(kind, given), fabrics: rolesOf(kind, fabrics.length) }],
          },
        ],
      };
      const { projects } = await api.readBench(file);
      forgetDraft(DRAFT);
      location.assign(`${bench}/projects/${projects.at(-1)?.id}/units`);
    },
  });
  const error = beginning.error instanceof ApiError ? beginning.error : null;
  const set = (changes: Partial<Told>) => setGiven((before) => ({ ...before, ...changes }));
  if (!kind)
    return (
      <main className="middle">
        <Opening>Opening…</Opening>
      </main>
    );
  return (
    <MeasureContext value={given.measure}>
      <PlainHead />
      <main className="mx-auto max-w-265 px-5 pt-5.5 pb-10">
        <Heading>Start your own</Heading>
        <form
          onSubmit={(event) => {
            event.preventDefault();
            beginning.mutate();
          }}
        >
          <Making kinds={kinds} kind={kind} given={given} error={error} onChange={set} />
          <section>
            <h2 className="mt-6.5">2. Which of these tools do you own?</h2>
            <p className="quiet mb-3">
              Tick what is like yours. If yours has other numbers on it, you can change them later. None is
              fine, too.
            </p>
            <UsualChoice
              ticked={tools}
              onTick={(id, on) =>
                setTools((before) => (on ? [...before, id] : before.filter((one) => one !== id)))
              }
            />
            <PressToo
              usual={usual.data ?? []}
              ticked={tools}
              onTick={(id) => setTools((before) => [...before, id])}
            />
          </section>
          <FabricQuestion fabrics={fabrics} error={error} onChange={setFabrics} />
          {error && (
            <p role="alert" className="field-error">
              {error.faults.length > 0 ? "See what is allowed in the fields above." : error.message}
            </p>
          )}
          <div className="dialog-buttons mt-6.5">
            <button type="button" className="button" onClick={onBack}>
              Back
            </button>
            <button type="submit" className="button button-brass" disabled={beginning.isPending}>
              Weigh it
            </button>
          </div>
        </form>
      </main>
    </MeasureContext>
  );
}

type PressProps = { usual: UsualTool[]; ticked: string[]; onTick: (id: string) => void };

/** A die is of no use without a press: it is one button away. */
function PressToo({ usual, ticked, onTick }: PressProps) {
  const has = (kind: string) => usual.some(({ tool }) => tool.kind === kind && ticked.includes(tool.id));
  const press = usual.find(({ tool }) => tool.kind === "die_press")?.tool;
  if (!press || !has("die") || has("die_press")) return null;
  return (
    <p className="mt-3 flex flex-wrap items-center gap-x-3 gap-y-2 border-l-4 border-brass bg-brass-pale px-3 py-2">
      A die is cut in a press.
      <button type="button" className="button" onClick={() => onTick(press.id)}>
        I own one: {press.name}
      </button>
    </p>
  );
}

/** The unit to begin with, at the size and count that were typed. */
function unitOf(kind: Kind, given: Told) {
  const { starter } = kind;
  const count = given.count === "" ? starter.count : Number(given.count) || given.count;
  const sides = [starter.finished ?? []].flat();
  const { finished } = given;
  if (finished === "" || sides.length !== 1) return { ...starter, count };
  return { ...starter, finished, count };
}

/** Each role takes the next fabric, from the first again where there are fewer. */
function rolesOf(kind: Kind, fabrics: number) {
  if (fabrics === 0) return {};
  return Object.fromEntries(kind.roles.map((role, i) => [role, `fabric-${i % fabrics}`]));
}

type MakingProps = {
  kinds: Kind[];
  kind: Kind;
  given: Told;
  error: ApiError | null;
  onChange: (changes: Partial<Told>) => void;
};

function Making({ kinds, kind, given, error, onChange }: MakingProps) {
  const unit = "/projects/0/units/0/unit";
  const sides = [kind.starter.finished ?? []].flat();
  const handed = typeof kind.starter.count === "object";
  return (
    <section>
      <h2 className="mt-6.5">1. What are you making?</h2>
      <div className="beginning-row">
        <EntryField
          id="project-name"
          className="w-55 text-xl"
          label="Name of the quilt"
          value={given.name}
          error={error?.at("/projects/0/name")}
          onEnter={(name) => onChange({ name })}
        />
        <label className="entry">
          <span>Measured in</span>
          <select
            value={given.measure}
            onChange={(event) => onChange({ measure: event.target.value as Measure, finished: "" })}
          >
            <option value="inch">inches</option>
            <option value="cm">centimetres</option>
          </select>
        </label>
      </div>
      <div className="beginning-row">
        <label className="entry">
          <span>The first unit</span>
          <select
            value={kind.kind}
            onChange={(event) => onChange({ kind: event.target.value, finished: "", count: "" })}
          >
            {kinds.map((one) => (
              <option key={one.kind} value={one.kind}>
                {one.title}
              </option>
            ))}
          </select>
        </label>
        {!handed && (
          <EntryField
            id="first-count"
            label="How many"
            value={given.count || String(kind.starter.count)}
            error={error?.at(`${unit}/count`)}
            onEnter={(count) => onChange({ count })}
          />
        )}
        {sides.length === 1 && (
          <LengthEntry
            id="first-size"
            label="Finished size"
            ringed
            value={given.finished || (sides[0] ?? "")}
            error={error?.at(`${unit}/finished`)}
            onEnter={(finished) => onChange({ finished })}
          />
        )}
        <UnitPicture
          drawing={kind.drawing}
          size={74}
          label={kind.title}
          fillOf={(role) =>
            ["var(--panel)", "var(--chalk)", "var(--oak)"][kind.roles.indexOf(role)] ?? "var(--brass)"
          }
        />
      </div>
    </section>
  );
}
