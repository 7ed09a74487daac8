import { useMutation } from "@tanstack/react-query";
import { useState } from "react";

import { ApiError, type ProjectGiven } from "../../api/client";
import { EntryField } from "../../parts/EntryField";
import { FormEnd } from "../../parts/FormEnd";

type Props = { given?: ProjectGiven; does: string; onSave: (given: ProjectGiven) => Promise<unknown> };

/** A project: its name, the seam allowance it is sewn with, and whatever else she wants to remember. */
export function ProjectForm({ given, does, onSave }: Props) {
  const [typed, setTyped] = useState<ProjectGiven>(given ?? { name: "", seam_allowance: "1/4", notes: "" });
  const saving = useMutation({ mutationFn: () => onSave(typed) });
  const error = saving.error instanceof ApiError ? saving.error : null;
  const field = (name: "name" | "seam_allowance", label: string) => (
    <EntryField
      id={`project-${name}`}
      label={label}
      value={typed[name]}
      error={error?.at(`/${name}`)}
      onEnter={(text) => setTyped((before) => ({ ...before, [name]: text }))}
    />
  );
  return (
    <form
      className="add-unit"
      onSubmit={(event) => {
        event.preventDefault();
        saving.mutate();
      }}
    >
      {field("name", "Name")}
      {field("seam_allowance", "Seam allowance")}
      <label className="entry entry-notes">
        <span>Notes</span>
        <textarea
          rows={3}
          value={typed.notes}
          onChange={(event) => setTyped((before) => ({ ...before, notes: event.target.value }))}
        />
        {error?.at("/notes") && <span className="field-error">{error.at("/notes")}</span>}
      </label>
      <FormEnd error={error} pending={saving.isPending} does={does} />
    </form>
  );
}
