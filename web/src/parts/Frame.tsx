import { ArrowLeft, Hand, Layers, LayoutGrid, Ruler, ScanLine, SwatchBook, UserRound } from "lucide-react";
import type { ReactNode } from "react";
import { Link, NavLink } from "react-router";

import { nextOf, useAtWork } from "./useAtWork";
import { useBack } from "./useBack";
import { useSession } from "./useSession";
import { Whose } from "./Whose";

const ROOMS = [
  { to: "/projects", name: "Projects", Icon: Layers },
  { to: "/blocks", name: "Blocks", Icon: LayoutGrid },
  { to: "/tools", name: "Tools", Icon: Ruler },
  { to: "/which-line", name: "Which line?", Icon: ScanLine },
  { to: "/fabrics", name: "Fabric", Icon: SwatchBook },
  { to: "/maker", name: "Your hands", Icon: Hand },
] as const;

/** The project that was worked on last: how far it is, and what is next. */
function AtWork() {
  const row = useAtWork();
  if (!row) return null;
  return (
    <span className="flex min-w-0 shrink-[1000] items-baseline gap-2 overflow-hidden text-sm text-ellipsis whitespace-nowrap max-[700px]:hidden">
      <Link to={`/projects/${row.id}`} className="overflow-hidden font-semibold text-ellipsis">
        {row.name}
      </Link>
      <span className="quiet max-[1151px]:hidden">
        next:{" "}
        <Link to={nextOf(row)} className="underline">
          {row.next}
        </Link>
      </span>
    </span>
  );
}

/** The head of every page but the weighing's: back to the bench, and what else there is. */
export function Frame({ children }: { children?: ReactNode }) {
  const back = useBack();
  const session = useSession();
  return (
    <header className="head">
      <button type="button" className="link-button flex-none whitespace-nowrap" onClick={back}>
        <ArrowLeft size={16} aria-hidden="true" /> Back to the bench
      </button>
      <Whose />
      {children}
      <AtWork />
      <nav aria-label="Rooms" className="ml-auto">
        {ROOMS.map(({ to, name, Icon }) => (
          <NavLink key={to} to={to} className="unit-tab">
            <Icon size={16} aria-hidden="true" /> {name}
          </NavLink>
        ))}
        {session?.name && (
          <NavLink to="/account" className="unit-tab">
            <UserRound size={16} aria-hidden="true" />{" "}
            <span className="max-w-60 truncate">{session.name}</span>
          </NavLink>
        )}
      </nav>
    </header>
  );
}
