import { Outlet } from "react-router";

import { MeasureContext } from "./measures";
import { useAtWork } from "./useAtWork";

/** What stands outside any project is typed in the measure of the one that is worked on. */
export function Measured() {
  const project = useAtWork();
  return (
    <MeasureContext value={project?.measure ?? "inch"}>
      <Outlet />
    </MeasureContext>
  );
}
