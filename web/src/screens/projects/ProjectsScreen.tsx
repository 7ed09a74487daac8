import { useNavigate } from "react-router";

import { api, type ProjectGiven, type ProjectRow as Row } from "../../api/client";
import { read } from "../../api/reads";
import { Collection } from "../../parts/Collection";
import { FormDialog } from "../../parts/FormDialog";
import { Notice } from "../../parts/Notice";
import { type Store, useStored } from "../../saving/useStored";
import { ProjectForm } from "./ProjectForm";
import { BenchLine } from "./BenchLine";
import { givenOf, ProjectRow } from "./ProjectRow";
import { WholeFile } from "./WholeFile";

const SHELF: Store<Row, ProjectGiven> = {
  of: "project",
  add: api.addProject,
  change: api.changeProject,
  remove: api.removeProject,
  comesBack: true,
  name: ({ name }) => name,
  given: givenOf,
};

const LEAD =
  "A project holds the units of one quilt, what you picked for each, and the seam it is sewn with.";

/** Every project: new ones, copies, changed ones, ones put aside, removed ones. */
export function ProjectsScreen() {
  const kept = useStored(SHELF, read.projects());
  const navigate = useNavigate();
  const start = async (given: ProjectGiven) => {
    const added = await kept.add(given);
    if (added) await navigate(`/projects/${added.id}/units/new`);
  };
  return (
    <Collection
      title="Projects"
      lead={LEAD}
      find="Find a project"
      kept={kept}
      ready
      add={
        <FormDialog
          action="add"
          title="Start a project"
          trigger={
            <button type="button" className="button button-brass">
              Start a project
            </button>
          }
        >
          {() => <ProjectForm does="Start" onSave={start} />}
        </FormDialog>
      }
    >
      {(sought) => (
        <>
          {kept.list.length === 0 && <Notice>No project yet: start one, then add the units it needs.</Notice>}
          {[false, true].map((aside) => (
            <Projects
              key={String(aside)}
              title={aside ? "Put aside" : "At work"}
              rows={kept.list.filter((row) => row.aside === aside && sought(row.name))}
              kept={kept}
            />
          ))}
          <WholeFile onRead={kept.refresh} />
          <BenchLine />
        </>
      )}
    </Collection>
  );
}

type Props = { title: string; rows: Row[]; kept: Parameters<typeof ProjectRow>[0]["kept"] };

function Projects({ title, rows, kept }: Props) {
  if (rows.length === 0) return null;
  return (
    <section aria-label={title}>
      <h2>{title}</h2>
      <ul className="grid rounded-sm border border-rule bg-panel">
        {rows.map((row) => (
          <ProjectRow key={row.id} row={row} kept={kept} />
        ))}
      </ul>
    </section>
  );
}
