import { createContext, lazy, Suspense, useContext, useMemo, useState } from "react";
import { Outlet, useNavigate } from "react-router";

import { UndoProvider } from "../saving/useUndo";
import { useAtWork } from "./useAtWork";
import { useGoing, useKeys } from "./useKeys";
import { turnLight } from "./useLight";

/** Fetched when it is opened. */
const KeyList = lazy(async () => ({ default: (await import("./KeyList")).KeyList }));

const HelpContext = createContext<() => void>(() => undefined);

/** Opens the list of keys. */
export function useHelp(): () => void {
  return useContext(HelpContext);
}

/** What every screen stands on: light, and the list of keys. */
export function Ground() {
  const [open, setOpen] = useState(false);
  const help = useMemo(() => () => setOpen(true), []);
  useGoing();
  useKeys({ light: turnLight, help });
  return (
    <HelpContext value={help}>
      <Outlet />
      {open && (
        <Suspense>
          <KeyList open onOpenChange={setOpen} />
        </Suspense>
      )}
    </HelpContext>
  );
}

/** What the screens of a bench stand on: undo, and the ways from one to another. */
export function BenchGround() {
  return (
    <UndoProvider>
      <Ways />
      <Outlet />
    </UndoProvider>
  );
}

/** The keys that go from screen to screen, wherever one is. */
function Ways() {
  const navigate = useNavigate();
  const project = useAtWork();
  const to = (place: string) => () => void navigate(place);
  const within = (place: string) => project && to(`/projects/${project.id}${place}`);
  useKeys({
    home: within(""),
    quilt: within("/quilt"),
    units: within("/units"),
    projects: to("/projects"),
    blocks: to("/blocks"),
    tools: to("/tools"),
    fabric: to("/fabrics"),
    hands: to("/maker"),
    line: to("/which-line"),
    practice: to("/practice"),
  });
  return null;
}
