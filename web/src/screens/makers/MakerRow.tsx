import { api, type MakerGiven, type MakerRow as Row } from "../../api/client";
import { FormDialog } from "../../parts/FormDialog";
import type { Stored } from "../../saving/useStored";
import { counted } from "../../parts/plural";
import { MakerForm } from "./MakerForm";

type Props = { row: Row; here: boolean; kept: Stored<Row, MakerGiven> };

/** One maker: her bench is opened in this window, or by its address in another. */
export function MakerRow({ row, here, kept }: Props) {
  const { id, name, demo, projects } = row;
  // Who has nothing yet begins with three questions.
  const address = `/makers/${id}${projects === 0 ? "/start" : ""}`;
  return (
    <li className="tool">
      <div className="flex-[1_1_300px]">
        <a
          href={address}
          className="font-strong hover:underline"
          onClick={() => void api.comeToMaker(id)}
          aria-current={here ? "true" : undefined}
        >
          {name}
        </a>
        <p className="quiet">
          {projects === 0 ? "no projects yet" : counted(projects, "project")}
          {demo && " · made up, to look round"}
          {here && " · this window"}
        </p>
      </div>
      <span className="flex flex-wrap gap-2">
        {!here && (
          <a
            className="button"
            href={address}
            onClick={() => void api.comeToMaker(id)}
            aria-label={`Open ${name}`}
          >
            Open
          </a>
        )}
        <FormDialog
          title={`Rename ${name}`}
          trigger={
            <button type="button" className="button" aria-label={`Rename ${name}`}>
              Rename
            </button>
          }
        >
          {(close) => (
            <MakerForm
              given={{ name }}
              does="Rename"
              onSave={(given) => kept.change(row, given, `${name} is now ${given.name}`).then(close)}
            />
          )}
        </FormDialog>
        {!here && (
          <button
            type="button"
            className="button take-away"
            aria-label={`Remove ${name}`}
            onClick={() => kept.remove(row)}
          >
            Remove
          </button>
        )}
      </span>
    </li>
  );
}
