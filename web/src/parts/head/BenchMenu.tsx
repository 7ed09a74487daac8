import { useQuery } from "@tanstack/react-query";
import { Check } from "lucide-react";
import { DropdownMenu } from "radix-ui";
import type { ReactNode } from "react";
import { Link } from "react-router";

import { read } from "../../api/reads";
import { placeOf } from "../stations";
import { useSession } from "../useSession";
import { turnLight } from "../useLight";
import { BenchButton } from "./BenchButton";
import { HERS } from "./hersPlaces";

/** So many projects stand in the menu; the others in the list of all. */
const SEEN = 7;

type Props = { project: number | undefined; onClose: () => void };

/** The projects, the makers, the whole as a file and the account; on a small window what is hers too. */
export function BenchMenu({ project, onClose }: Props) {
  const projects = (useQuery(read.projects()).data ?? []).filter(({ aside, id }) => !aside || id === project);
  const session = useSession();
  return (
    <DropdownMenu.Root defaultOpen modal={false} onOpenChange={(open) => !open && onClose()}>
      <DropdownMenu.Trigger asChild>
        <BenchButton project={project} />
      </DropdownMenu.Trigger>
      <DropdownMenu.Content className="menu" align="start" sideOffset={4}>
        {projects.slice(0, SEEN).map(({ id, name }) => (
          <Item key={id} to={placeOf(id, "home")}>
            <Check size={15} aria-hidden="true" className={id === project ? "" : "invisible"} />
            <span className="truncate">{name}</span>
          </Item>
        ))}
        <Item to="/projects">All projects</Item>
        <DropdownMenu.Separator className="menu-line" />
        <Item to="/makers">Makers at this bench</Item>
        <Item to="/projects#file">The whole bench as a file</Item>
        {session?.name && (
          <Item to="/account">
            Account: <span className="truncate">{session.name}</span>
          </Item>
        )}
        <DropdownMenu.Separator className="menu-line min-stacked:hidden" />
        {HERS.map(({ to, name, Icon }) => (
          <Item key={to} to={to} className="min-stacked:hidden">
            <Icon size={15} aria-hidden="true" /> {name}
          </Item>
        ))}
        <DropdownMenu.Item className="menu-item min-stacked:hidden" onSelect={turnLight}>
          Light or dark
        </DropdownMenu.Item>
      </DropdownMenu.Content>
    </DropdownMenu.Root>
  );
}

function Item({ to, className = "", children }: { to: string; className?: string; children: ReactNode }) {
  return (
    <DropdownMenu.Item asChild>
      <Link to={to} className={`menu-item ${className}`}>
        {children}
      </Link>
    </DropdownMenu.Item>
  );
}
