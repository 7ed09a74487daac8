import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";

import { ApiError, type Measure, type ProjectGiven } from "../../api/client";
import { read } from "../../api/reads";
import { EntryField } from "../../parts/EntryField";
import { FormEnd } from "../../parts/FormEnd";
import { told } from "../../parts/measures";
import { useKinds } from "../../parts/useKinds";
import { forgetDraft, useDraft } from "../../saving/useDraft";

type Props = { given?: ProjectGiven; does: string; onSave: (given: ProjectGiven) => Promise<unknown> };

const FIRST: ProjectGiven = { name: "", seam_allowance: "", notes: "", measure: "inch", tool_keys: [] };

/** A project: its name, its measure and seam, the tools it may use, and whatever else she wants to remember. */
export function ProjectForm({ given, does, onSave }: Props) {
  const draft = `project ${given?.name ?? "new"}`;
  const [stated, setTyped] = useDraft<ProjectGiven>(draft, "given", given ?? FIRST);
  // The usual seam allowance of the measure, until she types another.
  const usual = useKinds().data?.usual_seams;
  const typed = { ...stated, seam_allowance: stated.seam_allowance || (usual?.[stated.measure] ?? "") };
  const saving = useMutation({ mutationFn: () => onSave(typed), onSuccess: () => forgetDraft(draft) });
  const error = saving.error instanceof ApiError ? saving.error : null;
  const set = (changes: Partial<ProjectGiven>) => setTyped((before) => ({ ...before, ...changes }));
  const measured = (measure: Measure) =>
    set(typed.seam_allowance === usual?.[typed.measure] ? { measure, seam_allowance: "" } : { measure });
  return (
    <form
      className="add-unit"
      onSubmit={(event) => {
        event.preventDefault();
        saving.mutate();
      }}
    >
      <EntryField
        id="project-name"
        className="w-full"
        label="Name"
        value={typed.name}
        error={error?.at("/name")}
        onEnter={(name) => set({ name })}
      />
      <label className="entry">
        <span>Measured in</span>
        <select value={typed.measure} onChange={(event) => measured(event.target.value as Measure)}>
          <option value="inch">inches</option>
          <option value="cm">centimetres</option>
        </select>
      </label>
      <EntryField
        id="project-seam_allowance"
        label="Seam allowance"
        value={typed.seam_allowance}
        error={error?.at("/seam_allowance")}
        onEnter={(text) => set({ seam_allowance: told(text, typed.measure) })}
      />
      <ToolsOf chosen={typed.tool_keys} onChange={(tool_keys) => set({ tool_keys })} />
      <label className="entry col-span-full">
        <span>Notes</span>
        <textarea rows={3} value={typed.notes} onChange={(event) => set({ notes: event.target.value })} />
        {error?.at("/notes") && <span className="field-error">{error.at("/notes")}</span>}
      </label>
      <FormEnd error={error} pending={saving.isPending} does={does} onCancel={() => forgetDraft(draft)} />
    </form>
  );
}

/** Which tools it may use: the whole drawer, or those that are ticked. */
function ToolsOf({ chosen, onChange }: { chosen: string[]; onChange: (keys: string[]) => void }) {
  const tools = useQuery(read.tools()).data ?? [];
  const [part, setPart] = useState(chosen.length > 0);
  const used = tools.filter(({ retired }) => !retired);
  return (
    <fieldset className="entry-group col-span-full">
      <legend>Tools</legend>
      <label className="entry entry-flag">
        <input
          type="checkbox"
          checked={part}
          onChange={(event) => {
            setPart(event.target.checked);
            onChange(event.target.checked ? used.map(({ tool }) => tool.id) : []);
          }}
        />
        <span>Only some of the drawer, as for sewing away from home</span>
      </label>
      {part && (
        <div className="grid grid-cols-[repeat(auto-fill,minmax(220px,1fr))]">
          {used.map(({ tool }) => (
            <label key={tool.id} className="entry entry-flag">
              <input
                type="checkbox"
                checked={chosen.includes(tool.id)}
                onChange={(event) =>
                  onChange(
                    event.target.checked ? [...chosen, tool.id] : chosen.filter((one) => one !== tool.id),
                  )
                }
              />
              <span>{tool.name}</span>
            </label>
          ))}
        </div>
      )}
    </fieldset>
  );
}
