import { Pencil } from "lucide-react";
import { Dialog } from "radix-ui";
import { useState } from "react";

import type { Kind, Project, Unit, UnitChanges } from "../../api/client";
import { Hint } from "../../parts/Hint";
import { useKeys } from "../../parts/useKeys";
import { useKinds } from "../../parts/useKinds";
import { UnitForm } from "./UnitForm";
import type { Units } from "./useUnits";

type Props = { project: Project; unit: Unit; units: Units };

/** What the units are for, how many, how large and of which fabric, changed for good; or all of them taken away. */
export function ChangeUnit({ project, unit, units }: Props) {
  const [open, setOpen] = useState(false);
  const kind = useKinds().data?.kinds.find((one) => one.kind === unit.unit.kind);
  const close = () => setOpen(false);
  useKeys({ change: kind && (() => setOpen(true)) });
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Hint text="Change or remove these units" action="change">
        <Dialog.Trigger className="icon-button mt-5" aria-label="Change these units" disabled={!kind}>
          <Pencil size={16} />
        </Dialog.Trigger>
      </Hint>
      <Dialog.Portal>
        <Dialog.Overlay className="overlay" />
        <Dialog.Content className="dialog dialog-wide" aria-describedby={undefined}>
          <Dialog.Title>Change {unit.label}</Dialog.Title>
          {kind && (
            <UnitForm
              project={project}
              kinds={[]}
              first={asItIs(kind, unit)}
              label={unit.label}
              fabrics={unit.fabrics}
              does="Change"
              onSave={(changes: UnitChanges) => units.change(unit, changes).then(close)}
            >
              <button
                type="button"
                className="button take-away"
                onClick={() => {
                  units.takeAway(unit);
                  close();
                }}
              >
                Remove
              </button>
            </UnitForm>
          )}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

/** The kind with the unit itself to begin with. */
function asItIs(kind: Kind, unit: Unit): Kind {
  return { ...kind, starter: unit.unit as Kind["starter"] };
}
