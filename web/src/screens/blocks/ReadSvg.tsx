import { useMutation } from "@tanstack/react-query";
import { useState } from "react";

import { api, ApiError, type BlockGiven, type Fabric, type ReadBlock } from "../../api/client";
import { EntryField } from "../../parts/EntryField";
import { LengthEntry } from "../../parts/LengthEntry";
import { FormEnd } from "../../parts/FormEnd";
import { forgetDraft, useDraft } from "../../saving/useDraft";
import { BlockPicture } from "./BlockPicture";
import { cellOf } from "./cells";

type Props = { fabrics: Fabric[]; onSave: (given: BlockGiven) => Promise<unknown> };

const DRAFT = "block read";

/** A block out of a file of plain polygons: its cells are found, and each colour becomes a fabric of the shelf. */
export function ReadSvg({ fabrics, onSave }: Props) {
  const [typed, setTyped] = useDraft(DRAFT, "typed", { name: "", finished: "12" });
  const [chosen, setChosen] = useState<Record<string, string>>({});
  const reading = useMutation({ mutationFn: async (file: File) => api.readBlock(await file.text()) });
  const read = reading.data;
  const fabricOf = (colour: string) => chosen[colour] ?? String(nearest(fabrics, colour)?.id ?? "");
  const cells = (read?.cells ?? []).map((line) =>
    line.map((quarters) => cellOf(quarters.map((colour) => fabricOf(colour)))),
  );
  const saving = useMutation({
    mutationFn: () => onSave({ name: typed.name, picture: { cells, finished: typed.finished } }),
    onSuccess: () => forgetDraft(DRAFT),
  });
  const error = saving.error instanceof ApiError ? saving.error : null;
  const fault = reading.error instanceof ApiError ? reading.error : null;
  return (
    <form
      className="add-unit"
      onSubmit={(event) => {
        event.preventDefault();
        if (read) saving.mutate();
      }}
    >
      <label className="entry col-span-full">
        <span>A file of plain polygons</span>
        <input
          type="file"
          className="h-auto w-full bg-transparent px-0 py-2 text-md"
          accept=".svg,image/svg+xml"
          onChange={(event) => {
            const file = event.target.files?.[0];
            if (file) reading.mutate(file);
          }}
        />
        {reading.error && (
          <span role="alert" className="field-error">
            {fault?.faults[0]?.message ?? reading.error.message}
          </span>
        )}
      </label>
      {read && <Found read={read} />}
      {read && <BlockPicture cells={cells} fabrics={fabrics} size={180} label="The block as it was read" />}
      {read?.colours.map((colour) => (
        <label key={colour} className="entry">
          <span>
            <svg width="14" height="14" aria-hidden="true" className="swatch">
              <rect width="14" height="14" fill={colour} />
            </svg>
            {colour} is
          </span>
          <select
            value={fabricOf(colour)}
            onChange={(event) => setChosen((before) => ({ ...before, [colour]: event.target.value }))}
          >
            {fabrics.map((fabric) => (
              <option key={fabric.id} value={fabric.id}>
                {fabric.name}
              </option>
            ))}
          </select>
        </label>
      ))}
      <EntryField
        id="block-name"
        className="w-full"
        label="Name"
        value={typed.name}
        error={error?.at("/name")}
        onEnter={(name) => setTyped((before) => ({ ...before, name }))}
      />
      <LengthEntry
        id="block-finished"
        label="Finished width"
        value={typed.finished}
        error={error?.at("/picture/finished")}
        onEnter={(finished) => setTyped((before) => ({ ...before, finished }))}
      />
      <FormEnd
        error={error}
        pending={saving.isPending || !read}
        does="Keep it"
        onCancel={() => forgetDraft(DRAFT)}
      />
    </form>
  );
}

function Found({ read }: { read: ReadBlock }) {
  const [columns = 0, rows = 0] = read.grid;
  return (
    <p role="status" className="col-span-full">
      {columns} × {rows} cells found.
      {read.left_aside.length > 0 && ` Left aside: ${read.left_aside.join(", ")}.`}
    </p>
  );
}

/** The fabric whose colour is most like one. */
function nearest(fabrics: Fabric[], colour: string): Fabric | undefined {
  const parts = (text: string) => (text.match(/[0-9a-f]{2}/gi) ?? []).map((part) => parseInt(part, 16));
  const wanted = parts(colour);
  const far = ({ colour: own }: Fabric) =>
    parts(own).reduce((sum, part, i) => sum + Math.abs(part - (wanted[i] ?? 0)), 0);
  return fabrics.toSorted((one, other) => far(one) - far(other))[0];
}
