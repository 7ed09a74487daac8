import { useMutation, useQueryClient } from "@tanstack/react-query";
import { Plus } from "lucide-react";
import { Dialog } from "radix-ui";
import { useState } from "react";
import { useNavigate } from "react-router";

import { api, ApiError, type Project } from "../../api/client";
import { Hint } from "../../parts/Hint";
import { EntryField } from "./EntryField";

const ROLES = ["light", "dark"];

/** A new unit for the project: what it is for, how many, what size, and of which cloth. */
export function AddUnit({ project, labelled = false }: { project: Project; labelled?: boolean }) {
  const [open, setOpen] = useState(false);
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      {labelled ? (
        <Dialog.Trigger className="button button-brass">Add a unit</Dialog.Trigger>
      ) : (
        <Hint text="Add a unit">
          <Dialog.Trigger className="icon-button" aria-label="Add a unit">
            <Plus size={17} />
          </Dialog.Trigger>
        </Hint>
      )}
      <Dialog.Portal>
        <Dialog.Overlay className="overlay" />
        <Dialog.Content className="dialog" aria-describedby={undefined}>
          <Dialog.Title>Add half-square triangle units</Dialog.Title>
          <Form project={project} onDone={() => setOpen(false)} />
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function Form({ project, onDone }: { project: Project; onDone: () => void }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [fields, setFields] = useState({ label: "", count: "24", finished: "2" });
  const [cloths, setCloths] = useState(() =>
    Object.fromEntries(ROLES.map((role, i) => [role, project.cloths[i]?.id])),
  );
  const adding = useMutation({
    mutationFn: () =>
      api.addUnit(project.id, {
        label: fields.label,
        unit: {
          kind: "half_square",
          finished: fields.finished,
          count: /^\d+$/.test(fields.count) ? Number(fields.count) : fields.count,
        },
        cloths,
      }),
    onSuccess: async (unit) => {
      await queries.invalidateQueries({ queryKey: ["project", String(project.id)] });
      onDone();
      await navigate(`/projects/${project.id}/units/${unit.id}`);
    },
  });
  const error = adding.error instanceof ApiError ? adding.error : null;
  const field = (name: keyof typeof fields, label: string, pointer: string) => (
    <EntryField
      id={`add-${name}`}
      label={label}
      value={fields[name]}
      error={error?.at(pointer)}
      ringed={name === "finished"}
      onEnter={(text) => setFields((before) => ({ ...before, [name]: text }))}
    />
  );

  return (
    <form
      className="add-unit"
      onSubmit={(event) => {
        event.preventDefault();
        adding.mutate();
      }}
    >
      {field("label", "What for", "/label")}
      {field("count", "How many", "/unit/count")}
      {field("finished", "Finished size", "/unit/finished")}
      {ROLES.map((role) => (
        <label key={role} className="entry">
          <span>{role}</span>
          <select
            value={cloths[role]}
            onChange={(event) => setCloths((before) => ({ ...before, [role]: Number(event.target.value) }))}
          >
            {project.cloths.map((cloth) => (
              <option key={cloth.id} value={cloth.id}>
                {cloth.name}
              </option>
            ))}
          </select>
        </label>
      ))}
      {error && error.faults.length === 0 && (
        <p role="alert" className="field-error">
          {error.message}
        </p>
      )}
      <div className="dialog-buttons">
        <Dialog.Close className="button">Leave it</Dialog.Close>
        <button type="submit" className="button button-brass" disabled={adding.isPending}>
          Add
        </button>
      </div>
    </form>
  );
}
