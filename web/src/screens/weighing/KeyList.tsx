import { Dialog } from "radix-ui";

const KEYS: [string, string][] = [
  ["F", "go to the fence; ← → move it by an eighth, Page Up and Page Down by more"],
  ["S", "type the finished size"],
  ["C", "type how many"],
  ["W", "set what matters; ← → change it, Tab goes to the next"],
  ["M", "go to the methods; ↑ ↓ move, Enter opens a row"],
  ["P", "pick the row you are on, or remove the pick"],
  ["E", "change or remove these units"],
  ["L", "all units of the project"],
  ["J", "all projects"],
  ["Q", "the quilt: set its blocks, count its units"],
  ["K", "blocks: draw one, take it apart"],
  ["I", "which line: these units under every tool you own"],
  ["R", "practice"],
  ["T", "your tools: add, change or remove one"],
  ["B", "your fabric: add, change or remove one"],
  ["H", "your hands: what is assumed, what is measured"],
  ["Ctrl Z or U", "undo"],
  ["Ctrl Y", "redo"],
  ["D", "light or dark"],
  ["?", "this list"],
];

/** Every key, in one place. */
export function KeyList({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="overlay" />
        <Dialog.Content className="dialog" aria-describedby={undefined}>
          <Dialog.Title>Keys</Dialog.Title>
          <dl className="grid gap-1.75">
            {KEYS.map(([key, does]) => (
              <div key={key} className="grid grid-cols-[96px_1fr]">
                <dt>
                  <kbd className="m-0">{key}</kbd>
                </dt>
                <dd>{does}</dd>
              </div>
            ))}
          </dl>
          <Dialog.Close className="button">Close</Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
