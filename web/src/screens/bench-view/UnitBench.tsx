import { useQuery } from "@tanstack/react-query";
import { useParams } from "react-router";

import type { BenchStep, DrawnStep, Fabric } from "../../api/client";
import { read } from "../../api/reads";
import { drawnAs, StepPicture } from "../../drawing/StepPicture";
import { Weaves } from "../../drawing/Weaves";
import { Opening } from "../../parts/Opening";
import { useTitle } from "../../parts/useTitle";
import { useWorkedOn } from "../../parts/useAtWork";
import { fabricOf } from "../weighing/useWeighing";
import { BenchView } from "./BenchView";

/** Room for the drawing of a step, in points of the screen. */
const WIDE = 620;
const HIGH = 330;

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
  const { drawn, title } = steps.data;
  const fabricFor = (role: string) => fabricOf(project.data, unit.fabrics[role]);
  return (
    <>
      <Weaves fabrics={project.data.fabrics} />
      <BenchView
        list={`unit ${unitId} ${unit.pick?.method ?? ""}`}
        about={`${unit.label}: ${title ?? ""}`}
        steps={steps.data.steps}
        address={`${home}/steps`}
        away={home}
        picture={(step, place) => <Picture step={step} place={place} drawn={drawn} fabricOf={fabricFor} />}
      />
    </>
  );
}

type PictureProps = {
  step: BenchStep;
  place: number;
  drawn: DrawnStep[];
  fabricOf: (role: string) => Fabric | undefined;
};

/** The step as hands see it; nothing where the unit would be made otherwise today. */
function Picture({ step, place, drawn, fabricOf: fabricFor }: PictureProps) {
  const drawing = drawnAs(drawn, step, place);
  if (!drawing) return null;
  return <StepPicture drawing={drawing} fabricOf={fabricFor} width={WIDE} height={HIGH} label={step.say} />;
}
