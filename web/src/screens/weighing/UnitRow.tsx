import { Pin } from "lucide-react";
import { memo, useEffect, useRef } from "react";
import { NavLink, useSearchParams } from "react-router";

import type { Project, Unit } from "../../api/client";
import { ScreenTabs } from "../../parts/ScreenTabs";
import { AddUnit } from "./AddUnit";
import { UnitGlance } from "./UnitGlance";
import { UnitList } from "./UnitList";
import { Sizes } from "./UnitSizes";

type Props = { project: Project; unit: Unit | undefined };

/** The units of the project, each as a small picture with its count and size; and the two sides of the one that is open. */
export const UnitRow = memo(function UnitRow({ project, unit }: Props) {
  const row = useRef<HTMLElement>(null);
  // Where there are more than fit, the one that is open is among those seen.
  useEffect(() => {
    row.current?.querySelector("[aria-current]")?.scrollIntoView({ block: "nearest", inline: "nearest" });
  }, [unit?.id]);
  return (
    <div className="unit-row">
      <UnitList project={project} />
      <nav ref={row} aria-label="Units of the project" className="unit-row-tabs">
        {project.units.map((one) => (
          <NavLink
            key={one.id}
            to={`/projects/${project.id}/units/${one.id}`}
            className="unit-tab"
            aria-current={one.id === unit?.id ? "page" : undefined}
          >
            <UnitGlance project={project} unit={one} size={28} />
            <span className="grid leading-tight">
              <span className="max-w-36 truncate text-sm">{one.label.replace(/^Quilt: /, "")}</span>
              <span className="text-xs text-quiet">
                <Sizes unit={one.unit} />
              </span>
            </span>
            {one.pick && <Pin size={13} aria-label="method picked" />}
          </NavLink>
        ))}
      </nav>
      <AddUnit project={project} />
      {unit && <Sides project={project} unit={unit} />}
    </div>
  );
});

/** Its methods, and which line of which tool, at the same size. */
function Sides({ project, unit }: { project: Project; unit: Unit }) {
  const [params] = useSearchParams();
  const at = params.get("finished");
  const asked = at ? `?finished=${encodeURIComponent(at)}` : "";
  const address = `/projects/${project.id}/units/${unit.id}`;
  return (
    <ScreenTabs
      className="ml-auto"
      tabs={[
        { to: `${address}${asked}`, name: "Methods" },
        { to: `${address}/line${asked}`, name: "Which line?" },
      ]}
    />
  );
}
