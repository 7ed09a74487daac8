import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";

import type { Home, Project, UnitAtHome } from "../../api/client";
import { read } from "../../api/reads";
import { UnitPicture } from "../../drawing/UnitPicture";
import { fillOf } from "../../drawing/Weaves";
import { FinishedSize } from "../../parts/Sizes";
import { placeOf } from "../../parts/stations";
import { Words } from "../../parts/Words";

const COLUMNS = ["Unit", "How many", "Finished", "Method picked", "Fabric used", "Time", "Good", "Extra"];

/** Every unit with what was picked for it and what that takes; and the sums. */
export function UnitTable({ project }: { project: Project }) {
  const { data } = useQuery(read.home(project.id));
  if (!data) return <p className="quiet">Opening…</p>;
  if (data.units.length === 0)
    return (
      <p>
        None yet. Set a quilt from your blocks and its units are counted for you, or{" "}
        <Link to={`${placeOf(project.id, "units")}/new`} className="underline">
          add one by itself
        </Link>
        .
      </p>
    );
  return (
    <table className="values unit-table">
      <thead>
        <tr>
          <th scope="col">
            <span className="sr-only">Picture</span>
          </th>
          {COLUMNS.map((name) => (
            <th key={name} scope="col">
              {name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {data.units.map((row) => (
          <Row key={row.id} row={row} project={project} />
        ))}
      </tbody>
      <Totals totals={data.totals} />
    </table>
  );
}

function Row({ row, project }: { row: UnitAtHome; project: Project }) {
  const { drawing, pick } = row;
  return (
    <tr className="value">
      <td>
        {drawing && (
          <UnitPicture
            drawing={drawing}
            size={38}
            label=""
            fillOf={(role) => fillOf(project.fabrics.find((fabric) => fabric.id === row.fabrics[role]))}
          />
        )}
      </td>
      <th scope="row" className="min-w-27">
        <Link to={`${placeOf(project.id, "units")}/${row.id}`} className="font-strong hover:underline">
          {row.label.replace(/^Quilt: /, "")}
        </Link>
        <span className="quiet">{row.say ?? drawing?.title}</span>
      </th>
      <td data-label="How many">{row.count}</td>
      <td data-label="Finished">
        {drawing?.sides.map((side, i) => (
          <span key={side}>
            {i > 0 && " × "}
            <FinishedSize length={side} />
          </span>
        ))}
      </td>
      {pick ? (
        <Picked pick={pick} />
      ) : (
        <NotPicked to={`${placeOf(project.id, "units")}/${row.id}`} name={row.label} />
      )}
    </tr>
  );
}

function Picked({ pick }: { pick: NonNullable<UnitAtHome["pick"]> }) {
  return (
    <>
      <td data-label="Method" className="unit-table-method">
        {pick.title}
        {pick.mark && (
          <span className="quiet block">
            <Words>{pick.mark}</Words>
          </span>
        )}
      </td>
      <td data-label="Fabric used">{pick.fabric}</td>
      <td data-label="Time">{pick.minutes}</td>
      <td data-label="Good">{pick.good}</td>
      <td data-label="Extra">{pick.extra}</td>
    </>
  );
}

function NotPicked({ to, name }: { to: string; name: string }) {
  return (
    <td colSpan={5}>
      <Link to={to} className="link-button" aria-label={`Pick a method for ${name}`}>
        Pick a method
      </Link>
    </td>
  );
}

function Totals({ totals }: { totals: Home["totals"] }) {
  return (
    <tfoot>
      <tr className="value font-strong">
        <td />
        <th scope="row">In all</th>
        <td />
        <td />
        <td data-label="Picked">{totals.picked} picked</td>
        <td data-label="Fabric used">{totals.fabric}</td>
        <td data-label="Time">{totals.minutes}</td>
        <td data-label="Good">{totals.good}</td>
        <td data-label="Extra">{totals.extra}</td>
      </tr>
    </tfoot>
  );
}
