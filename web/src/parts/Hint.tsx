import { Tooltip } from "radix-ui";
import type { ReactElement } from "react";

import { type Action, KEYS } from "./keys";

type Props = {
  text: string;
  /** What it does, where a key does it too. */
  action?: Action;
  children: ReactElement;
};

/** A tooltip that names what a control does and the key that does it too. */
export function Hint({ text, action, children }: Props) {
  return (
    <Tooltip.Root>
      <Tooltip.Trigger asChild>{children}</Tooltip.Trigger>
      <Tooltip.Portal>
        <Tooltip.Content className="hint" sideOffset={6} collisionPadding={8}>
          {text}
          {action && <kbd>{KEYS[action].told}</kbd>}
        </Tooltip.Content>
      </Tooltip.Portal>
    </Tooltip.Root>
  );
}
