import { useQuery } from "@tanstack/react-query";
import { useParams } from "react-router";

import type { Project, Unit } from "../../api/client";
import { read } from "../../api/reads";
import { UnitPicture } from "../../drawing/UnitPicture";
import { fillOf, Weaves } from "../../drawing/Weaves";
import { StripPicture } from "../../drawing/StripPicture";
import { Opening } from "../../parts/Opening";
import { useTitle } from "../../parts/useTitle";
import { useWorkedOn } from "../../parts/useAtWork";
import { fabricOf } from "../weighing/useWeighing";
import { BenchView } from "./BenchView";

/** Largest side of a unit, and length of a strip, in points of the screen. */
const UNIT = 260;
const STRIP = 520;

/** The steps of the method that was picked for a unit, one at a time. */
export function UnitBench() {
  const { projectId = "", unitId = "" } = useParams();
  const project = useQuery(read.project(projectId));
  const steps = useQuery(read.steps(Number(unitId)));
  const unit = project.data?.units.find(({ id }) => String(id) === unitId);
  useTitle(unit ? `${unit.label}: at the bench` : "At the bench");
  useWorkedOn(projectId);
  const home = `/projects/${projectId}/units/${unitId}`;
  if (!project.data || !steps.data || !unit)
    return (
      <main className="middle">
        <Opening error={project.error ?? steps.error} />
      </main>
    );
  const { drawings, title } = steps.data;
  return (
    <>
      <Weaves fabrics={project.data.fabrics} />
      <BenchView
        list={`unit ${unitId} ${unit.pick?.method ?? ""}`}
        about={`${unit.label}: ${title ?? ""}`}
        steps={steps.data.steps}
        address={`${home}/steps`}
        away={home}
        picture={({ cutting, fabric }) =>
          cutting ? (
            <Strips project={project.data} unit={unit} drawings={drawings} only={fabric} />
          ) : (
            <Sewn project={project.data} unit={unit} />
          )
        }
      />
    </>
  );
}

type StripsProps = {
  project: Project;
  unit: Unit;
  drawings: Record<string, Parameters<typeof StripPicture>[0]["drawing"][]>;
  only: string | null;
};

/** Between one strip and the next, in points of the screen. */
const APART = 10;

/** What is cut, of the fabric that the step is done to, or of all: one picture, to one scale. */
function Strips({ project, unit, drawings, only }: StripsProps) {
  const shown = Object.entries(drawings).flatMap(([role, [first]]) =>
    first && (!only || role === only) ? [{ role, first, fabric: fabricOf(project, unit.fabrics[role]) }] : [],
  );
  const scale = STRIP / Math.max(1, ...shown.map(({ first }) => first.size[1] ?? 0));
  const highs = shown.map(({ first }) => (first.size[0] ?? 0) * scale + APART);
  const above = (place: number) => highs.slice(0, place).reduce((sum, high) => sum + high, 0);
  const label = shown.map(({ role, fabric }) => fabric?.name ?? role).join(", ");
  return (
    <svg role="img" aria-label={label} width={STRIP} viewBox={`0 0 ${STRIP + 2} ${above(shown.length)}`}>
      {shown.map(({ role, first, fabric }, i) => (
        <g key={role} transform={`translate(0 ${above(i)})`}>
          <StripPicture drawing={first} fabric={fabric} scale={scale} label={fabric?.name ?? role} />
        </g>
      ))}
    </svg>
  );
}

/** The unit as it will be. */
function Sewn({ project, unit }: { project: Project; unit: Unit }) {
  const home = useQuery(read.home(project.id));
  const drawing = home.data?.units.find(({ id }) => id === unit.id)?.drawing;
  if (!drawing) return null;
  return (
    <UnitPicture
      drawing={drawing}
      size={UNIT}
      label={unit.label}
      fillOf={(role) => fillOf(fabricOf(project, unit.fabrics[role]))}
    />
  );
}
