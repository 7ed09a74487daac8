import { useMutation, useQuery } from "@tanstack/react-query";
import { Link, useNavigate } from "react-router";

import { api, ApiError, type Block, type BlockGiven, type Fabric } from "../../api/client";
import { read } from "../../api/reads";
import { Weaves } from "../../drawing/Weaves";
import { Collection } from "../../parts/Collection";
import { EntryField } from "../../parts/EntryField";
import { FormEnd } from "../../parts/FormEnd";
import { FormDialog } from "../../parts/FormDialog";
import { Notice } from "../../parts/Notice";
import { type Store, useStored } from "../../saving/useStored";
import { forgetDraft, useDraft } from "../../saving/useDraft";
import { BlockPicture } from "./BlockPicture";
import { plainCells } from "./cells";
import { WIDTHS } from "./GridForm";
import { sum, told, widths } from "./lines";
import { ReadSvg } from "./ReadSvg";

const STORE: Store<Block, BlockGiven> = {
  of: "block",
  add: api.addBlock,
  change: api.changeBlock,
  remove: api.removeBlock,
  name: ({ name }) => name,
  given: ({ name, picture, pieces }) => ({ name, picture, pieces }),
};

const LEAD =
  "Draw a block cell by cell, see which units it can be cut into, and find the size at which your tools have a mark for each.";

/** Every block: new ones, changed ones, removed ones. */
export function BlocksScreen() {
  const kept = useStored(STORE, read.blocks());
  const navigate = useNavigate();
  const fabrics = useQuery(read.fabrics());
  const draw = async (given: BlockGiven) => {
    const added = await kept.add(given);
    if (added) await navigate(`/blocks/${added.id}`);
  };
  return (
    <Collection
      title="Blocks"
      lead={LEAD}
      find="Find a block"
      kept={kept}
      ready={fabrics.isSuccess}
      add={
        <>
          <FormDialog
            action="add"
            title="Draw a block"
            trigger={
              <button type="button" className="button button-brass">
                Draw a block
              </button>
            }
          >
            {() => <BlockForm fabrics={fabrics.data ?? []} onSave={draw} />}
          </FormDialog>
          <FormDialog
            title="Read a block from an SVG"
            trigger={
              <button type="button" className="button">
                Read an SVG
              </button>
            }
          >
            {() => <ReadSvg fabrics={fabrics.data ?? []} onSave={draw} />}
          </FormDialog>
        </>
      }
    >
      {(sought) => (
        <>
          <Weaves fabrics={fabrics.data ?? []} />
          {kept.list.length === 0 && <Notice>No block yet: draw one, or copy one off a picture.</Notice>}
          <ul className="mt-4.5 grid grid-cols-[repeat(auto-fill,minmax(150px,1fr))] gap-5">
            {kept.list
              .filter(({ name }) => sought(name))
              .map((block) => (
                <li key={block.id} className="grid justify-items-start gap-2">
                  <Link to={`/blocks/${block.id}`} className="group grid gap-1.5">
                    <BlockPicture cells={block.picture.cells} fabrics={fabrics.data ?? []} size={150} />
                    <strong className="group-hover:underline">{block.name}</strong>
                  </Link>
                  <button
                    type="button"
                    className="button take-away ml-0"
                    aria-label={`Remove ${block.name}`}
                    onClick={() => kept.remove(block)}
                  >
                    Remove
                  </button>
                </li>
              ))}
          </ul>
        </>
      )}
    </Collection>
  );
}

type FormProps = { fabrics: Fabric[]; onSave: (given: BlockGiven) => Promise<unknown> };

const DRAFT = "block new";

/** What a new block begins with: its grid, its size, and one fabric all over. */
function BlockForm({ fabrics, onSave }: FormProps) {
  const [typed, setTyped] = useDraft(DRAFT, "typed", {
    name: "",
    columns: "4",
    rows: "4",
    finished: "12",
  });
  const [columns, rows] = [widths(typed.columns), widths(typed.rows)];
  const saving = useMutation({
    mutationFn: () =>
      onSave({
        name: typed.name,
        picture: {
          cells: plainCells(sum(columns ?? [1]), sum(rows ?? [1]), String(fabrics[0]?.id ?? "1")),
          finished: typed.finished,
        },
        ...(columns && rows && /\D/.test(told(columns) + told(rows)) && { lines: { columns, rows } }),
      }),
    onSuccess: () => forgetDraft(DRAFT),
  });
  const error = saving.error instanceof ApiError ? saving.error : null;
  const field = (name: keyof typeof typed, label: string, fault?: string) => (
    <EntryField
      id={`block-${name}`}
      className={name === "name" ? "w-full" : ""}
      label={label}
      value={typed[name]}
      error={fault}
      onEnter={(text) => setTyped((before) => ({ ...before, [name]: text }))}
    />
  );
  const counted = (sides: number[] | null) => (sides ? undefined : WIDTHS);
  return (
    <form
      className="add-unit"
      onSubmit={(event) => {
        event.preventDefault();
        if (columns && rows) saving.mutate();
      }}
    >
      {field("name", "Name", error?.at("/name"))}
      {field("columns", "Columns", counted(columns))}
      {field("rows", "Rows", counted(rows))}
      {field("finished", "Finished width", error?.at("/picture/finished"))}
      <p className="quiet">Columns and rows: how many, or how wide each is, such as 1 2 1.</p>
      <FormEnd error={error} pending={saving.isPending} does="Draw" onCancel={() => forgetDraft(DRAFT)} />
    </form>
  );
}
