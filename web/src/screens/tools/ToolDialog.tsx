import { Dialog } from "radix-ui";
import { type ReactElement, useState } from "react";

import type { ToolDocument, ToolKind } from "../../api/client";
import { ToolForm } from "./ToolForm";

type Props = {
  title: string;
  kinds: ToolKind[];
  tool?: ToolDocument;
  does: string;
  onSave: (tool: ToolDocument) => Promise<unknown>;
  /** The button that opens it. */
  children: ReactElement;
};

/** A tool's form over the page. */
export function ToolDialog({ title, children, onSave, ...form }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Trigger asChild>{children}</Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="overlay" />
        <Dialog.Content className="dialog dialog-wide" aria-describedby={undefined}>
          <Dialog.Title>{title}</Dialog.Title>
          <ToolForm {...form} onSave={(tool) => onSave(tool).then(() => setOpen(false))} />
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
