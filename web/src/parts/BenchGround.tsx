import { Tooltip } from "radix-ui";
import { useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { Outlet, useNavigate } from "react-router";

import { FOLLOWS } from "../api/reads";
import { afterSave } from "../api/send";
import { UndoProvider } from "../saving/useUndo";
import { type Place, placeOf } from "./stations";
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
  const within = (place: Place) => project && to(placeOf(project.id, place));
  useFollowing();
  useKeys({
    home: within("home"),
    quilt: within("quilt"),
    units: within("units"),
    buy: within("buy"),
    projects: to("/projects"),
    blocks: to("/blocks"),
    tools: to("/tools"),
    fabric: to("/fabric"),
    hands: to("/hands"),
    line: to("/tools/line"),
    practice: to("/hands/practice"),
  });
  return null;
}

/** Saves that follow one another are looked at together, milliseconds. */
const TOGETHER = 150;

/** How far a project is follows from whatever is saved. */
function useFollowing() {
  const queries = useQueryClient();
  useEffect(() => {
    let waiting: ReturnType<typeof setTimeout> | undefined;
    const look = () => FOLLOWS.forEach((queryKey) => void queries.invalidateQueries({ queryKey }));
    const stop = afterSave(() => {
      clearTimeout(waiting);
      waiting = setTimeout(look, TOGETHER);
    });
    return () => (clearTimeout(waiting), stop());
  }, [queries]);
}
