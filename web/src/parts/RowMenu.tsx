import { Ellipsis } from "lucide-react";
import { DropdownMenu } from "radix-ui";
import type { ReactNode } from "react";

/** What else can be done with a row, one below the other. */
export function RowMenu({ name, children }: { name: string; children: ReactNode }) {
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger className="button px-2.5" aria-label={`More for ${name}`}>
        <Ellipsis size={18} aria-hidden="true" />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content className="menu" align="end" sideOffset={4}>
          {children}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

type ActionProps = { onSelect: () => void; removes?: boolean; children: ReactNode };

/** One thing that can be done with a row. */
export function RowAction({ onSelect, removes = false, children }: ActionProps) {
  return (
    <DropdownMenu.Item className={removes ? "menu-item text-madder" : "menu-item"} onSelect={onSelect}>
      {children}
    </DropdownMenu.Item>
  );
}

/** The same, where it is a file that is opened. */
export function RowFile({ href, children }: { href: string; children: ReactNode }) {
  return (
    <DropdownMenu.Item asChild>
      <a className="menu-item" href={href}>
        {children}
      </a>
    </DropdownMenu.Item>
  );
}
