import { Plus } from "lucide-react";
import { Dialog } from "radix-ui";
import { useState } from "react";

import type { Project } from "../../api/client";
import { Hint } from "../../parts/Hint";
import { useKinds } from "../../parts/useKinds";
import { AddUnitForm } from "./AddUnitForm";

/** A new unit for the project: what it is for, how many, what size, and of which fabric. */
export function AddUnit({ project, labelled = false }: { project: Project; labelled?: boolean }) {
  const [open, setOpen] = useState(false);
  // Asked for before it is opened, so that the form is there at once.
  useKinds(project.measure);
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
        <Dialog.Content className="dialog dialog-wide" aria-describedby={undefined}>
          <Dialog.Title>Add units</Dialog.Title>
          <AddUnitForm project={project} onDone={() => setOpen(false)} />
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
