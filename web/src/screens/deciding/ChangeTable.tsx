import { Link } from "react-router";

import type { ChosenChange, Project } from "../../api/client";
import { placeOf } from "../../parts/stations";
import { Words } from "../../parts/Words";
import { called } from "./called";

type Props = {
  project: Project;
  changes: ChosenChange[];
  left: string[];
  onTurn: (unit: string) => void;
};

/** The changes, each with what it saves by itself, to be taken or left. */
export function ChangeTable({ project, changes, left, onTurn }: Props) {
  return (
    <table className="values stacks mt-2">
      <thead>
        <tr>
          <th scope="col">Take it</th>
          <th scope="col">Unit</th>
          <th scope="col">Picked now</th>
          <th scope="col">Instead</th>
          <th scope="col">This change alone</th>
        </tr>
      </thead>
      <tbody>
        {changes.map((change) => (
          <tr key={change.unit} className={`value ${left.includes(change.unit) ? "text-quiet" : ""}`}>
            <td data-label="Take it">
              <label className="grid min-h-10 min-w-10 place-items-center">
                <input
                  type="checkbox"
                  className="size-6 accent-chalk"
                  checked={!left.includes(change.unit)}
                  onChange={() => onTurn(change.unit)}
                  aria-label={`Take ${change.to_title ?? change.to} for ${change.unit}`}
                />
              </label>
            </td>
            <th scope="row">
              {(change.units ?? [change.unit]).map((label) => (
                <UnitLink key={label} project={project} label={label} />
              ))}
            </th>
            <td data-label="Picked now">{change.from_title ?? <span className="quiet">nothing</span>}</td>
            <td data-label="Instead" className="font-strong">
              {change.to_title}
            </td>
            <td data-label="This change alone" className={change.slight ? "quiet" : ""}>
              <Words>{change.say}</Words>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function UnitLink({ project, label }: { project: Project; label: string }) {
  const unit = project.units.find((one) => called(project, one) === label);
  return (
    <Link to={`${placeOf(project.id, "units")}/${unit?.id ?? ""}`} className="block hover:underline">
      {label.replace(/^Quilt: /, "")}
    </Link>
  );
}
