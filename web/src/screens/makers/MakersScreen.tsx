import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";

import { api, type MakerGiven, type MakerRow as Row } from "../../api/client";
import { read } from "../../api/reads";
import { Collection } from "../../parts/Collection";
import { FormDialog } from "../../parts/FormDialog";
import { type Store, useStored } from "../../saving/useStored";
import { MakerForm } from "./MakerForm";
import { MakerRow } from "./MakerRow";

const MAKERS: Store<Row, MakerGiven> = {
  of: "makers",
  add: api.addMaker,
  change: api.renameMaker,
  remove: api.removeMaker,
  comesBack: true,
  name: ({ name }) => name,
  given: ({ name }) => ({ name }),
};

const LEAD =
  "Each maker has her own tools, fabric, blocks, projects and hands. Every window stays with the maker it was opened for.";

/** Who works at this bench: added, renamed, removed and put back, and the way to each. */
export function MakersScreen() {
  const kept = useStored(MAKERS, read.makers());
  const standing = useQuery(read.start());
  const queries = useQueryClient();
  // Her name stands in the head too.
  const told = JSON.stringify(kept.list);
  useEffect(() => void queries.invalidateQueries(read.start()), [told, queries]);
  return (
    <Collection
      title="Makers"
      lead={LEAD}
      find="Find a maker"
      kept={kept}
      ready
      add={
        <FormDialog
          action="add"
          title="Add a maker"
          trigger={
            <button type="button" className="button button-brass">
              Add a maker
            </button>
          }
        >
          {(close) => <MakerForm does="Add" onSave={(given) => kept.add(given).then(close)} />}
        </FormDialog>
      }
    >
      {(sought) => (
        <ul className="mt-4.5 grid rounded-sm border border-rule bg-panel" aria-label="Makers">
          {kept.list
            .filter(({ name }) => sought(name))
            .map((row) => (
              <MakerRow key={row.id} row={row} here={row.id === standing.data?.maker_id} kept={kept} />
            ))}
        </ul>
      )}
    </Collection>
  );
}
