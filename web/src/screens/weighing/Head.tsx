import {
  CircleHelp,
  Grid3x3,
  Hand,
  LayoutGrid,
  Moon,
  Pin,
  Ruler,
  Sun,
  SwatchBook,
  ScanLine,
} from "lucide-react";
import { memo, useEffect, useRef } from "react";
import { Link, NavLink } from "react-router";

import type { Project, Unit } from "../../api/client";
import { Hint } from "../../parts/Hint";
import { Whose } from "../../parts/Whose";
import { useHelp } from "../../parts/Ground";
import { turnLight, useLight } from "../../parts/useLight";
import { AddUnit } from "./AddUnit";
import { UnitList } from "./UnitList";
import { useWhichLine } from "./useWhichLine";

type Props = {
  project: Project;
  unit: Unit;
};

/** The project and its units, one a tab; a pin stands by those whose method is picked. */
export const Head = memo(function Head({ project, unit }: Props) {
  const light = useLight();
  const showKeys = useHelp();
  const tabs = useRef<HTMLElement>(null);
  // Where there are more tabs than fit, the unit that is open is among those seen.
  useEffect(() => {
    tabs.current?.querySelector("[aria-current]")?.scrollIntoView({ block: "nearest", inline: "nearest" });
  }, [unit.id]);
  return (
    <header className="head">
      <Link to="/projects" className="flex flex-none items-center gap-2 font-bold whitespace-nowrap">
        <img src="/favicon.svg" alt="" width="22" height="22" />
        <span className="max-phone:sr-only">Oaken Gauge</span>
      </Link>
      <Whose className="max-[1151px]:hidden" />
      <Hint text="All projects" action="projects">
        <Link to="/projects" className="max-w-60 flex-none truncate text-quiet hover:underline">
          {project.name}
        </Link>
      </Hint>
      <UnitList project={project} />
      <nav
        ref={tabs}
        aria-label="Units of the project"
        className="max-phone:order-1 max-phone:basis-full max-phone:flex-nowrap max-phone:overflow-x-auto"
      >
        {project.units.map((unit) => (
          <NavLink key={unit.id} to={`/projects/${project.id}/units/${unit.id}`} className="unit-tab">
            <span className="max-w-60 truncate">{unit.label}</span>
            {unit.pick && <Pin size={13} aria-label="method picked" />}
          </NavLink>
        ))}
      </nav>
      <AddUnit project={project} />
      <span className="ml-auto flex flex-none gap-1 max-phone:order-2 max-phone:shrink max-phone:flex-wrap max-phone:gap-0 print:hidden">
        <Hint text="The quilt" action="quilt">
          <Link to={`/projects/${project.id}/quilt`} className="icon-button" aria-label="The quilt">
            <Grid3x3 size={17} />
          </Link>
        </Hint>
        <Hint text="Blocks" action="blocks">
          <Link to="/blocks" className="icon-button" aria-label="Blocks">
            <LayoutGrid size={17} />
          </Link>
        </Hint>
        <WhichLine project={project} unit={unit} />
        <Hint text="Your tools" action="tools">
          <Link to="/tools" className="icon-button" aria-label="Your tools">
            <Ruler size={17} />
          </Link>
        </Hint>
        <Hint text="Your fabric" action="fabric">
          <Link to="/fabrics" className="icon-button" aria-label="Your fabric">
            <SwatchBook size={17} />
          </Link>
        </Hint>
        <Hint text="Your hands: assumed or measured" action="hands">
          <Link to="/maker" className="icon-button" aria-label="Your hands">
            <Hand size={17} />
          </Link>
        </Hint>
        <Hint text={light === "light" ? "Dark" : "Light"} action="light">
          <button type="button" className="icon-button" onClick={turnLight} aria-label="Light or dark">
            {light === "light" ? <Moon size={17} /> : <Sun size={17} />}
          </button>
        </Hint>
        <Hint text="All keys" action="help">
          <button type="button" className="icon-button" onClick={showKeys} aria-label="All keys">
            <CircleHelp size={17} />
          </button>
        </Hint>
      </span>
    </header>
  );
});

function WhichLine({ project, unit }: { project: Project; unit: Unit }) {
  return (
    <Hint text="Which line?" action="line">
      <Link to={useWhichLine(project, unit)} className="icon-button" aria-label="Which line?">
        <ScanLine size={17} />
      </Link>
    </Hint>
  );
}
