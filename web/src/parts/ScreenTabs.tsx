import { NavLink } from "react-router";

type Tab = { to: string; name: string };

/** The two sides of a screen, each with an address of its own. */
export function ScreenTabs({ tabs, className = "" }: { tabs: readonly Tab[]; className?: string }) {
  return (
    <nav aria-label="On this screen" className={`screen-tabs ${className}`}>
      {tabs.map(({ to, name }) => (
        <NavLink key={to} to={to} end className="screen-tab">
          {name}
        </NavLink>
      ))}
    </nav>
  );
}

/** The drawer, and any unit under it. */
export const TOOL_TABS = [
  { to: "/tools", name: "The drawer" },
  { to: "/tools/line", name: "Which line?" },
] as const;
/** Her hands, and what trains them. */
export const HAND_TABS = [
  { to: "/hands", name: "Your hands" },
  { to: "/hands/practice", name: "Practice" },
] as const;
