import { keepPreviousData, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useDeferredValue, useState } from "react";
import { Link, useNavigate, useParams } from "react-router";

import { api, ApiError, type Block, type KeptQuilt, type Project, type Versioned } from "../../api/client";
import { read } from "../../api/reads";
import { Weaves } from "../../drawing/Weaves";
import { ClashDialog } from "../../saving/ClashDialog";
import { LastDone, Unsaved } from "../../saving/SavingLine";
import { useResting } from "../../saving/useResting";
import { Heading } from "../../parts/Heading";
import { MeasureContext } from "../../parts/measures";
import { Notice } from "../../parts/Notice";
import { Screen } from "../../parts/Screen";
import { ThereAlready } from "../blocks/ThereAlready";
import { unitsToAdd } from "../blocks/unitsToAdd";
import { Colourways } from "./Colourways";
import { Figures } from "./Figures";
import { Panels } from "./Panels";
import { UnitStanding, UnitsGone } from "../blocks/UnitStanding";
import { QuiltPicture } from "./QuiltPicture";
import { SettingForm } from "./SettingForm";

/** A project's quilt: its blocks set, drawn, and counted. */
export function QuiltScreen() {
  const { projectId = "" } = useParams();
  const project = useQuery(read.project(projectId));
  const blocks = useQuery(read.blocks());
  return (
    <Screen
      title={project.data ? `The quilt: ${project.data.name}` : "The quilt"}
      project={projectId}
      station="quilt"
      className="page max-w-310"
    >
      {project.data && blocks.data ? (
        <MeasureContext value={project.data.measure}>
          <Opened project={project.data} blocks={blocks.data} />
        </MeasureContext>
      ) : (
        <Notice>{project.error?.title ?? blocks.error?.title ?? "Opening the quilt…"}</Notice>
      )}
    </Screen>
  );
}

function Opened({ project, blocks }: { project: Project; blocks: Block[] }) {
  const first = blocks[0];
  return (
    <>
      <Weaves fabrics={project.fabrics} />
      <Heading>The quilt: {project.name}</Heading>
      {first ? (
        <AtWork key={project.id} project={project} blocks={blocks} first={first} />
      ) : (
        <>
          <p>A quilt is set from blocks, and none is drawn yet.</p>
          <Link to="/blocks" className="button button-brass">
            Draw a block
          </Link>
        </>
      )}
    </>
  );
}

const NOT_SET = "Not set so yet: see what is allowed beside it.";

/** What its units are named after. */
const QUILT = "Quilt";

function begun(block: Block): KeptQuilt {
  return { blocks: [{ id: block.id }], setting: { layout: "straight", across: 3, down: 4 } };
}

/** What a project keeps of its quilt. */
type Quilted = Versioned & Pick<Project, "quilt">;

function AtWork({ project, blocks, first }: { project: Project; blocks: Block[]; first: Block }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [quilt, setQuilt] = useState<KeptQuilt>(project.quilt ?? begun(first));
  const stored = useCallback(() => void queries.invalidateQueries(read.projects()), [queries]);
  const { saving } = useResting<Quilted, KeptQuilt>({
    stored: project,
    now: quilt,
    said: `Changed the quilt of ${project.name}`,
    save: (seen, now) => api.keepQuilt(seen, now),
    step: (from, to) => ({
      of: "project",
      id: project.id,
      back: { do: "quilt", with: from },
      again: { do: "quilt", with: to },
    }),
    stateOf: ({ quilt }) => quilt ?? begun(first),
    show: setQuilt,
    onSaved: stored,
  });
  const asked = useDeferredValue(JSON.stringify(quilt));
  const answer = useQuery({
    queryKey: ["quilt", project.id, asked],
    queryFn: ({ signal }) => api.quilt(project.id, JSON.parse(asked), signal),
    placeholderData: keepPreviousData,
  });
  const adding = useMutation({
    mutationFn: async (there?: "set" | "beside") => {
      const [first] = await api.addCounted(project.id, counted, 1, there);
      await queries.invalidateQueries(read.project(project.id));
      await navigate(`/projects/${project.id}/units/${first?.id ?? "new"}`);
    },
  });
  const error = answer.error instanceof ApiError ? answer.error : null;
  const units = answer.data?.units ?? [];
  const counted = unitsToAdd(QUILT, units, project.fabrics);

  return (
    <>
      <div className="mt-2.5 grid grid-cols-[minmax(0,500px)_minmax(0,1fr)] items-start gap-x-8 gap-y-4.5 max-narrow:grid-cols-[minmax(0,1fr)]">
        <div className={answer.isFetching ? "opacity-80" : ""}>
          {error && <Notice tone="alarm">{error.faults.length === 0 ? error.message : NOT_SET}</Notice>}
          {!error && <Unsaved saving={saving} />}
          <LastDone />
          {answer.data?.drawing ? (
            <QuiltPicture
              drawing={answer.data.drawing}
              fabrics={project.fabrics}
              size={500}
              label={`The quilt, ${answer.data.finished.join(" by ")} inches`}
            />
          ) : (
            !error && <Notice>Setting the quilt…</Notice>
          )}
          <SettingForm
            quilt={quilt}
            blocks={blocks}
            fabrics={project.fabrics}
            error={error}
            fresh={project.quilt === null}
            onChange={setQuilt}
          />
        </div>
        {answer.data && (
          <Figures
            answer={answer.data}
            fabrics={project.fabrics}
            standing={(i) => <UnitStanding project={project} unit={counted[i]} />}
          >
            <UnitsGone project={project} name={QUILT} units={counted} />
            <button
              type="button"
              className="button button-brass mt-1.5 justify-self-start"
              disabled={adding.isPending || error !== null}
              onClick={() => adding.mutate(undefined)}
            >
              Weigh these units
            </button>
            <ThereAlready
              error={adding.error}
              pending={adding.isPending}
              onChoose={(there) => adding.mutate(there)}
            />
            {adding.error && !(adding.error instanceof ApiError && adding.error.there.length > 0) && (
              <span className="field-error">{adding.error.message}</span>
            )}
          </Figures>
        )}
      </div>
      {answer.data?.panels && <Panels panels={answer.data.panels} />}
      {answer.data?.drawing && (
        <Colourways
          drawing={answer.data.drawing}
          fabrics={project.fabrics}
          ways={quilt.colourways ?? []}
          onChange={(colourways) => setQuilt({ ...quilt, colourways })}
        />
      )}
      <ClashDialog name={project.name} saving={saving} />
    </>
  );
}
