import { useQuery } from "@tanstack/react-query";
import { useParams } from "react-router";

import type { Project, Unit } from "../../api/client";
import { read } from "../../api/reads";
import { Weaves } from "../../drawing/Weaves";
import { Opening } from "../../parts/Opening";
import { Screen } from "../../parts/Screen";
import { UnitRow } from "./UnitRow";

type Props = {
  /** What is seen of the unit, for the window's title. */
  side: string;
  className: string;
  children: (project: Project, unit: Unit | undefined) => React.ReactNode;
};

/** A screen of one unit: its address says which, and the row under the head leads to the others. */
export function UnitScreen({ side, className, children }: Props) {
  const { projectId = "", unitId = "" } = useParams();
  const project = useQuery(read.project(projectId));
  const unit = project.data?.units.find((one) => String(one.id) === unitId);
  return (
    <Screen
      title={unit ? `${unit.label}: ${side}` : "Units"}
      project={projectId}
      station="units"
      under={project.data && project.data.units.length > 0 && <UnitRow project={project.data} unit={unit} />}
      className={className}
    >
      {project.data ? (
        <>
          <Weaves fabrics={project.data.fabrics} />
          {children(project.data, unit)}
        </>
      ) : (
        <Opening error={project.error} />
      )}
    </Screen>
  );
}
