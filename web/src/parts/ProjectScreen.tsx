import { useQuery } from "@tanstack/react-query";
import type { ReactNode } from "react";
import { useParams } from "react-router";

import type { Project } from "../api/client";
import { read } from "../api/reads";
import { Weaves } from "../drawing/Weaves";
import { MeasureContext } from "./measures";
import { Opening } from "./Opening";
import { Screen } from "./Screen";
import type { Place } from "./stations";

type Props = {
  station: Place;
  /** Of the window. */
  title: (project: Project | undefined) => string;
  className?: string;
  children: (project: Project) => ReactNode;
};

/** A station of the project in the address: in its measure, its fabrics at hand to be drawn with. */
export function ProjectScreen({ station, title, className, children }: Props) {
  const { projectId = "" } = useParams();
  const { data, error } = useQuery(read.project(projectId));
  return (
    <Screen title={title(data)} project={projectId} station={station} className={className}>
      {data ? (
        <MeasureContext value={data.measure}>
          <Weaves fabrics={data.fabrics} />
          {children(data)}
        </MeasureContext>
      ) : (
        <Opening error={error} />
      )}
    </Screen>
  );
}
