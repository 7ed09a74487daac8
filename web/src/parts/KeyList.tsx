import { Dialog } from "radix-ui";
import { useState } from "react";

import { type Action, ACTIONS, KEYS, lettersOn, switchLetters } from "./keys";
import { useBound } from "./useKeys";

/** Every key that works on this screen, in one place. */
export function KeyList({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
  const bound = useBound();
  const [letters, setLetters] = useState(lettersOn);
  const those = (reach: string) =>
    ACTIONS.filter((action) => KEYS[action].reach === reach && bound.includes(action));
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="overlay" />
        <Dialog.Content className="dialog dialog-wide" aria-describedby={undefined}>
          <Dialog.Title>Keys</Dialog.Title>
          <div className="grid w-full grid-cols-2 items-start gap-x-8 gap-y-4 max-tablet:grid-cols-1">
            <Keys title="On every screen" actions={those("everywhere")} />
            <Keys title="On this screen" actions={those("here")} />
            <Keys title="On the block’s cells, while they have the focus" actions={those("cells")} />
          </div>
          <label className="entry entry-flag">
            <input
              type="checkbox"
              checked={letters}
              onChange={({ target: { checked } }) => {
                switchLetters(checked);
                setLetters(checked);
              }}
            />
            <span>Single letters are keys</span>
          </label>
          <Dialog.Close className="button">Close</Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

/** Keys under a heading; nothing where there are none. */
export function Keys({ title, actions }: { title: string; actions: Action[] }) {
  if (actions.length === 0) return null;
  return (
    <section className="w-full">
      <h3 className="m-0 mb-1 text-sm">{title}</h3>
      <dl className="grid gap-1.5">
        {actions.map((action) => (
          <div key={action} className="grid grid-cols-[84px_1fr]">
            <dt>
              <kbd className="m-0">{KEYS[action].told}</kbd>
            </dt>
            <dd>{KEYS[action].does}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
