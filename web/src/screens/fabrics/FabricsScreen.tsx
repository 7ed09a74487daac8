import { useQuery } from "@tanstack/react-query";

import { api, type Fabric, type FabricGiven, type Promised } from "../../api/client";
import { read } from "../../api/reads";
import { fillOf, Weaves } from "../../drawing/Weaves";
import { known } from "../../fields/said";
import { Collection } from "../../parts/Collection";
import { FormDialog } from "../../parts/FormDialog";
import { KeptRow } from "../../parts/KeptRow";
import { Notice } from "../../parts/Notice";
import { useKinds } from "../../parts/useKinds";
import { TableFile } from "../../parts/TableFile";
import { type Store, useStored } from "../../saving/useStored";
import { Words } from "../../parts/Words";
import { FabricForm } from "./FabricForm";

const SHELF: Store<Fabric, FabricGiven> = {
  of: "fabric",
  add: api.addFabric,
  change: api.changeFabric,
  remove: api.removeFabric,
  name: ({ name }) => name,
  given: ({ name, colour, weave, fabric }) => ({ name, colour, weave, fabric }),
};

/** How soon it is asked whether the counting is done, in milliseconds. */
const COUNTED_AGAIN = 2000;
const LEAD = "Units are cut from these. Measure the usable width: selvage to selvage, without the selvages.";

/** The shelf: every fabric that is there, new ones, changed ones, removed ones. */
export function FabricsScreen() {
  const shelf = useStored(SHELF, read.fabrics());
  const counting = useQuery({
    ...read.promised(),
    refetchInterval: ({ state }) => (state.data?.counting ? COUNTED_AGAIN : false),
  });
  const counted = counting.data;
  const promised = counted?.promised ?? {};
  const forms = useKinds().data?.fabrics ?? [];
  return (
    <Collection
      title="Your fabric"
      lead={LEAD}
      find="Find a fabric"
      kept={shelf}
      // Rows stand where they will once what is promised of each is there: nothing moves under a hand.
      ready={forms.length > 0 && counting.isFetched}
      add={
        <FormDialog
          action="add"
          title="Add a fabric"
          trigger={
            <button type="button" className="button button-brass">
              Add a fabric
            </button>
          }
        >
          {(close) => (
            <FabricForm forms={forms} does="Add" onSave={(given) => shelf.add(given).then(close)} />
          )}
        </FormDialog>
      }
    >
      {(sought) => (
        <>
          <Weaves fabrics={shelf.list} />
          <p role="status" className="quiet mt-3 empty:hidden">
            {counted?.counting && "What your projects take is being counted; until then it stands as it was."}
          </p>
          {shelf.list.length === 0 && <Notice>No fabric on the shelf yet: add what you cut from.</Notice>}
          <ul className="mt-4 grid rounded-sm border border-rule bg-panel">
            {shelf.list
              .filter(({ name }) => sought(name))
              .map((fabric) => (
                <KeptRow
                  key={fabric.id}
                  name={fabric.name}
                  picture={
                    <svg width="46" height="46" aria-hidden="true" className="swatch">
                      <rect width="46" height="46" fill={fillOf(fabric)} />
                    </svg>
                  }
                  known={wordsOf(fabric, forms)}
                  note={<PromisedWords promised={promised[fabric.id]} />}
                  onRemove={() => shelf.remove(fabric)}
                  form={(close) => (
                    <FabricForm
                      forms={forms}
                      fabric={fabric}
                      does="Change"
                      onSave={(given) => shelf.change(fabric, given).then(close)}
                    />
                  )}
                />
              ))}
          </ul>
          <TableFile of="fabrics" onRead={shelf.refresh} />
        </>
      )}
    </Collection>
  );
}

/** What projects were promised of it, and what is left. */
function PromisedWords({ promised }: { promised: Promised | undefined }) {
  if (!promised) return null;
  return (
    <p className={promised.twice ? "text-sm font-semibold text-madder" : "text-sm"}>
      <Words>{promised.say}</Words>
    </p>
  );
}

function wordsOf({ fabric }: Fabric, forms: Parameters<typeof FabricForm>[0]["forms"]): string[] {
  const form = forms.find((one) => one.kind === fabric.form);
  return form ? [form.title, ...known(form.fields, fabric)] : [fabric.form];
}
