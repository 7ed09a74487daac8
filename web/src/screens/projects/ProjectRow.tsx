import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";

import { api, type ProjectGiven, type ProjectRow as Row } from "../../api/client";
import { read } from "../../api/reads";
import { fillOf, Weaves } from "../../drawing/Weaves";
import { FormDialog } from "../../parts/FormDialog";
import { FinishedSize } from "../../parts/Sizes";
import type { Stored } from "../../saving/useStored";
import { nextOf } from "../../parts/useAtWork";
import { MissingTools } from "./MissingTools";
import { ProjectForm } from "./ProjectForm";
import { ShowProject } from "./ShowProject";

type Props = { row: Row; kept: Stored<Row, ProjectGiven> };

/** One project: its fabrics, how far it is, and what is next. */
export function ProjectRow({ row, kept }: Props) {
  const given = givenOf(row);
  const copy = () => kept.copy(() => api.copyProject(row, `Copy of ${row.name}`.slice(0, 80)));
  const aside = row.aside ? "Took out again" : "Put aside";
  return (
    <li className="tool">
      <Fabrics id={row.id} />
      <div className="flex-[1_1_300px]">
        <Link to={`/projects/${row.id}`} className="font-strong hover:underline">
          {row.name}
        </Link>
        <p className="quiet">
          {row.units_in_all === 0 ? "no units yet" : `${row.units_picked} of ${row.units_in_all} picked`} ·
          seam allowance{" "}
          <FinishedSize length={row.seam_allowance} className="min-w-0 border-0 bg-transparent p-0" /> · next:{" "}
          <Link to={nextOf(row.id, row)} className="underline">
            {row.next.say}
          </Link>
        </p>
        {row.notes && <p className="quiet whitespace-pre-line">{row.notes}</p>}
      </div>
      <span className="flex flex-wrap gap-2">
        <Link to={`/projects/${row.id}/quilt`} className="button" aria-label={`Quilt: ${row.name}`}>
          Quilt
        </Link>
        {row.units_in_all > 0 && <MissingTools row={row} />}
        <FormDialog
          title={`Change ${row.name}`}
          trigger={
            <button type="button" className="button" aria-label={`Change ${row.name}`}>
              Change
            </button>
          }
        >
          {(close) => (
            <ProjectForm
              given={given}
              does="Change"
              onSave={(changed) => kept.change(row, changed).then(close)}
            />
          )}
        </FormDialog>
        <ShowProject row={row} onChanged={() => void kept.refresh()} />
        <button type="button" className="button" aria-label={`Copy ${row.name}`} onClick={copy}>
          Copy
        </button>
        <button
          type="button"
          className="button"
          aria-label={`${row.aside ? "Take out again" : "Put aside"} ${row.name}`}
          onClick={() => void kept.change(row, { ...given, aside: !row.aside }, `${aside} ${row.name}`)}
        >
          {row.aside ? "Take out again" : "Put aside"}
        </button>
        <button
          type="button"
          className="button take-away"
          aria-label={`Remove ${row.name}`}
          onClick={() => kept.remove(row)}
        >
          Remove
        </button>
      </span>
    </li>
  );
}

/** What the form of a project holds. */
export function givenOf({ name, seam_allowance, notes, measure, tool_keys, aside }: Row): ProjectGiven {
  return { name, seam_allowance, notes, measure, tool_keys: tool_keys ?? [], aside };
}

/** The fabrics that its units are made of. */
function Fabrics({ id }: { id: number }) {
  const project = useQuery(read.project(id));
  const used = new Set(project.data?.units.flatMap((unit) => Object.values(unit.fabrics)));
  const fabrics = project.data?.fabrics.filter((fabric) => used.has(fabric.id)) ?? [];
  return (
    <span>
      <Weaves fabrics={fabrics} />
      <svg width="46" height="46" aria-hidden="true" className="swatch">
        {fabrics.map((fabric, i) => (
          <rect
            key={fabric.id}
            x={(46 / fabrics.length) * i}
            width={46 / fabrics.length}
            height="46"
            fill={fillOf(fabric)}
          />
        ))}
      </svg>
    </span>
  );
}
