import { Tooltip } from "radix-ui";
import type { ReactElement } from "react";

type Props = { text: string; keys?: string; children: ReactElement };

/** A tooltip that names what a control does and the key that does it too. */
export function Hint({ text, keys, children }: Props) {
  return (
    <Tooltip.Root>
      <Tooltip.Trigger asChild>{children}</Tooltip.Trigger>
      <Tooltip.Portal>
        <Tooltip.Content className="hint" sideOffset={6} collisionPadding={8}>
          {text}
          {keys && <kbd>{keys}</kbd>}
        </Tooltip.Content>
      </Tooltip.Portal>
    </Tooltip.Root>
  );
}
