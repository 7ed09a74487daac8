import { useState } from "react";
import { Link } from "react-router";

import { type Proposed, type ChosenChange, type Project } from "../../api/client";
import { Heading } from "../../parts/Heading";
import { counted } from "../../parts/plural";
import { ProjectScreen } from "../../parts/ProjectScreen";
import { placeOf } from "../../parts/stations";
import { Words } from "../../parts/Words";
import { Working } from "../../parts/Working";
import { SavingLine } from "../../saving/SavingLine";
import { called } from "./called";
import { ChangeTable } from "./ChangeTable";
import { Figures } from "./Figures";
import { LengthsTaken } from "./LengthsTaken";
import { LimitsForm } from "./LimitsForm";
import { useChoice, useTogether } from "./useChoice";
import { useLimits } from "./useLimits";
import { usePickAll } from "./usePickAll";

/** One method for each unit of a project, decided all together. */
export function DecideScreen() {
  return (
    <ProjectScreen
      station="units"
      title={(project) => (project ? `Best for all: ${project.name}` : "Best for all")}
    >
      {(project) => (
        <>
          <Heading>Best for all: {project.name}</Heading>
          {project.units.length > 0 ? <Opened project={project} /> : <Empty project={project} />}
        </>
      )}
    </ProjectScreen>
  );
}

function Empty({ project }: { project: Project }) {
  return (
    <p className="mt-2">
      There are no units yet.{" "}
      <Link to={`${placeOf(project.id, "units")}/new`} className="underline">
        Add the first one
      </Link>
      , or set the quilt and have them counted.
    </p>
  );
}

function Opened({ project }: { project: Project }) {
  const limits = useLimits();
  const choice = useChoice(project, limits.asked);
  return (
    <>
      <p className="quiet max-w-190">
        One method for each unit, chosen together: what is got ready once serves all of them, and a ruler is
        set once for all that has the same line. What matters to you counts as it does for a single unit.
      </p>
      <LimitsForm project={project} limits={limits} />
      {choice.working && (
        <Working
          said={`${choice.working.doing || "Weighing all units together"}…`}
          share={choice.working.share}
          stop="Stop"
          onStop={choice.stop}
        />
      )}
      {choice.stopped && (
        <p className="mt-3">
          Stopped.{" "}
          <button type="button" className="button" onClick={() => void choice.refetch()}>
            Weigh them together
          </button>
        </p>
      )}
      {choice.isError && !choice.stopped && (
        <p role="alert" className="field-error mt-3">
          {choice.error.message}
        </p>
      )}
      {choice.data && !choice.isError && (
        <Proposal project={project} choice={choice.data} current={choice.current} />
      )}
    </>
  );
}

type Proposing = { project: Project; choice: Proposed; current: boolean };

function Proposal({ project, choice, current }: Proposing) {
  const [left, setLeft] = useState<string[]>([]);
  const changes = choice.changes ?? [];
  const taken = changes.filter(({ unit }) => !left.includes(unit));
  const turn = (unit: string) =>
    setLeft((before) => (before.includes(unit) ? before.filter((one) => one !== unit) : [...before, unit]));
  const { saving, pick } = usePickAll(project);
  const some = taken.length < changes.length;
  const together = useTogether(project, picksOf(project, taken), some);
  return (
    <div className={current ? "" : "opacity-60"} aria-busy={!current}>
      <Faults faults={choice.faults ?? []} />
      {choice.picks && (
        <>
          <section aria-labelledby="changes" className="mt-4">
            <h2 id="changes" className="m-0">
              {changes.length === 0 ? "Nothing to change" : counted(changes.length, "change")}
            </h2>
            <p>
              {changes.length === 0
                ? "Every unit has the method that is best for all of them."
                : choice.proof}
            </p>
            {changes.length > 0 && (
              <ChangeTable project={project} changes={changes} left={left} onTurn={turn} />
            )}
            {choice.given?.map((say) => (
              <p key={say} className="mt-2">
                <Words>{say}</Words>
              </p>
            ))}
            <p className="mt-3 flex flex-wrap items-center gap-3.5 print:hidden">
              {changes.length > 0 && (
                <button
                  type="button"
                  className="button button-brass"
                  disabled={!current || taken.length === 0 || saving.pending}
                  onClick={() => pick(taken)}
                >
                  {some ? `Pick these ${taken.length}` : "Pick all of these"}
                </button>
              )}
              <SavingLine saving={saving} />
            </p>
          </section>
          <Figures
            choice={choice}
            picked={
              project.units_picked < project.units.length
                ? `The ${project.units_picked} picked now`
                : "As picked now"
            }
            taken={some ? new Map(together.data?.figures.map(({ title, text }) => [title, text])) : null}
          />
          <LengthsTaken project={project} drawn={choice.drawn ?? []} />
        </>
      )}
    </div>
  );
}

/** By the unit's id: what is taken, and what stays as it is picked. */
function picksOf(project: Project, taken: ChosenChange[]): Record<string, string> {
  const picks = project.units.flatMap((one) => {
    const { id, pick } = one;
    const change = taken.find(({ unit, units }) => (units ?? [unit]).includes(called(project, one)));
    const method = change?.to ?? pick?.method;
    return method ? [[String(id), method]] : [];
  });
  return Object.fromEntries(picks);
}

function Faults({ faults }: { faults: NonNullable<Proposed["faults"]> }) {
  return (
    <ul className="mt-4 grid gap-2">
      {faults.map(({ say, mend }) => (
        <li key={say} className="max-w-170">
          <p className="font-strong">
            <Words>{say}</Words>
          </p>
          <p>
            <Words>{mend}</Words>
          </p>
        </li>
      ))}
    </ul>
  );
}
