import { useQuery } from "@tanstack/react-query";

import { api, type Fabric, type FabricGiven, type Promised } from "../../api/client";
import { read } from "../../api/reads";
import { LengthPicture, lengthOf } from "../../drawing/LengthPicture";
import { ScaleBar } from "../../drawing/ScaleBar";
import { Weaves } from "../../drawing/Weaves";
import { Collection } from "../../parts/Collection";
import { FormDialog } from "../../parts/FormDialog";
import { KeptActions } from "../../parts/KeptActions";
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
/** Room for the longest fabric, and for the bar of the scale, in points of the screen; inches that it is drawn for at the least. */
const ROOM = 560;
const BAR_ROOM = 120;
const LEAST = 36;
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
  const { fabrics: forms = [], bars } = useKinds().data ?? {};
  const scale = ROOM / Math.max(LEAST, ...shelf.list.map((fabric) => lengthOf(fabric, promised[fabric.id])));
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
          {shelf.list.length > 0 && (
            <p className="mt-3 mb-1">
              <ScaleBar room={BAR_ROOM} scale={scale} bars={bars} />
            </p>
          )}
          <ul className="shelf">
            {shelf.list
              .filter(({ name }) => sought(name))
              .map((fabric) => (
                <li key={fabric.id}>
                  <div className="min-w-0 wrap-anywhere">
                    <strong>{fabric.name}</strong>
                    <p className="quiet text-sm">
                      <Words>{fabric.shelf?.say ?? ""}</Words>
                    </p>
                  </div>
                  <div className="min-w-0">
                    <LengthPicture fabric={fabric} promised={promised[fabric.id]} scale={scale} />
                    <PromisedWords promised={promised[fabric.id]} />
                  </div>
                  <KeptActions
                    name={fabric.name}
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
                </li>
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
