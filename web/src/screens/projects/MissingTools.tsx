import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";

import { api, type Missing, type ProjectRow } from "../../api/client";
import { ANY_PROJECT, read } from "../../api/reads";
import { FormDialog } from "../../parts/FormDialog";
import { Notice } from "../../parts/Notice";
import { Words } from "../../parts/Words";

/** How soon it is asked whether all is weighed, in milliseconds. */
const LOOKED_AGAIN = 1000;

/** What is missing in the drawer for a project, and what is never used. */
export function MissingTools({ row }: { row: ProjectRow }) {
  return (
    <FormDialog
      title={`What is missing for ${row.name}?`}
      trigger={
        <button type="button" className="button" aria-label={`What is missing: ${row.name}`}>
          What is missing?
        </button>
      }
    >
      {(close) => (
        <div className="grid gap-1.5">
          <Looked id={row.id} />
          <div className="dialog-buttons">
            <button type="button" className="button" onClick={close}>
              Close
            </button>
          </div>
        </div>
      )}
    </FormDialog>
  );
}

function Looked({ id }: { id: number }) {
  const looked = useQuery({
    ...read.missing(id),
    staleTime: 0,
    refetchInterval: ({ state }) => (state.data?.counting ? LOOKED_AGAIN : false),
  });
  if (looked.error) return <Notice tone="alarm">{looked.error.title}</Notice>;
  // While it is looked for anew, what was found last is seen no more: her drawer has changed since.
  if (!looked.data?.missing || looked.data.counting)
    return <Notice>Weighing each unit with one tool more…</Notice>;
  const { unreached, gains, idle } = looked.data.missing;
  return (
    <>
      <h3 className="mt-2 text-md">No line for</h3>
      <p>
        {unreached.length > 0
          ? `${unreached.join(", ")}: only a straight ruler cuts these sizes.`
          : "Every unit has a line on some tool of yours."}
      </p>
      <h3 className="mt-2 text-md">One tool more</h3>
      {gains.length > 0 ? (
        <Gains gains={gains} />
      ) : (
        <p>No other tool that quilters usually own would save you much.</p>
      )}
      <h3 className="mt-2 text-md">Not used here</h3>
      <p>
        {idle.length > 0 ? idle.map(({ name }) => name).join(", ") : "Every tool has a line for some unit."}
      </p>
    </>
  );
}

function Gains({ gains }: { gains: Missing["gains"] }) {
  const queries = useQueryClient();
  const [added, setAdded] = useState<string[]>([]);
  const add = async (tool: { id: string; name: string; kind: string }) => {
    // It is given an id that no other tool has.
    await api.addTool({ ...tool, id: undefined });
    setAdded((before) => [...before, tool.id]);
    await queries.invalidateQueries(read.tools());
    await queries.invalidateQueries({ queryKey: ANY_PROJECT });
  };
  return (
    <ul className="grid gap-2">
      {gains.map((gain) => {
        const { tool } = gain;
        return (
          <li key={tool.id} className="flex flex-wrap items-center justify-between gap-x-4 gap-y-2">
            <span>
              <strong>{tool.name}.</strong> <Words>{gain.say}</Words>
            </span>
            {added.includes(tool.id) ? (
              <span role="status">in the drawer now</span>
            ) : (
              <button
                type="button"
                className="button"
                aria-label={`I have one: ${tool.name}`}
                onClick={() => void add(tool)}
              >
                I have one
              </button>
            )}
          </li>
        );
      })}
    </ul>
  );
}
