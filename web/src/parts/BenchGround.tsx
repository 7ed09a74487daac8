import { Tooltip } from "radix-ui";
import { Outlet, useNavigate } from "react-router";

import { UndoProvider } from "../saving/useUndo";
import { useAtWork } from "./useAtWork";
import { useKeys } from "./useKeys";

/** What the screens of a bench stand on: undo, tooltips, and the ways from one to another. */
export function BenchGround() {
  return (
    <Tooltip.Provider delayDuration={400}>
      <UndoProvider>
        <Ways />
        <Outlet />
      </UndoProvider>
    </Tooltip.Provider>
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
