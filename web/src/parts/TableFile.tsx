import { useMutation } from "@tanstack/react-query";
import { Download, Upload } from "lucide-react";
import { useState } from "react";

import { ofBench } from "../api/bench";
import { api, type TakenIn } from "../api/client";
import { FileButton } from "./FileButton";

type Props = { of: "fabrics" | "tools"; onRead: () => Promise<void> };

/** So many faults are shown. */
const SHOWN = 8;
const COLUMNS = {
  fabrics: "name, form, width, length, side, count, shade, directional, price",
  tools: "tool, side, mark, reads, makes",
};

/** What is kept as a table, out and in; a broken row is told, and the others wait until she says so. */
export function TableFile({ of, onRead }: Props) {
  const [text, setText] = useState("");
  const reading = useMutation({
    mutationFn: async ({ csv, confirmed }: { csv: string; confirmed: boolean }) => {
      const taken = await api.readTable(of, csv, confirmed);
      if (taken.added > 0) await onRead();
      return taken;
    },
  });
  return (
    <section className="whole-file" aria-label="As a table">
      <a className="button" href={ofBench(`/api/${of}.csv`)} download={`${of}.csv`}>
        <Download size={16} aria-hidden="true" /> Save as a table (CSV)
      </a>
      <FileButton
        label="A table to read in"
        accept=".csv,text/csv"
        onChoose={(file) => {
          void file.text().then((csv) => {
            setText(csv);
            reading.mutate({ csv, confirmed: false });
          });
        }}
      >
        <Upload size={16} aria-hidden="true" /> Read a table in
      </FileButton>
      <p className="quiet">Its columns: {COLUMNS[of]}.</p>
      {reading.error && (
        <p role="alert" className="field-error">
          {reading.error.message}
        </p>
      )}
      {reading.data && (
        <Taken taken={reading.data} onAdd={() => reading.mutate({ csv: text, confirmed: true })} />
      )}
    </section>
  );
}

function Taken({ taken, onAdd }: { taken: TakenIn; onAdd: () => void }) {
  const more = Math.max(0, taken.faults.length - SHOWN) + taken.more;
  const waiting = taken.added === 0 && taken.ready.length > 0;
  return (
    <div role="status">
      <p>{taken.added > 0 ? `Added ${taken.added}.` : `${taken.ready.length} ready, nothing added yet.`}</p>
      <ul className="field-error">
        {taken.faults.slice(0, SHOWN).map((fault) => (
          <li key={`${fault.line}/${fault.column}/${fault.say}`}>
            Line {fault.line}
            {fault.column && `, ${fault.column}`}: {fault.say}
          </li>
        ))}
        {more > 0 && <li>… and {more} more.</li>}
      </ul>
      {waiting && (
        <button type="button" className="button" onClick={onAdd}>
          Add the {taken.ready.length} that can be read
        </button>
      )}
    </div>
  );
}
