import { Link } from "react-router";

import type { Project } from "../../api/client";
import { Heading } from "../../parts/Heading";
import { NextLink } from "../../parts/NextLink";
import { ProjectScreen } from "../../parts/ProjectScreen";
import { FinishedSize } from "../../parts/Sizes";
import { placeOf } from "../../parts/stations";
import { LastDone } from "../../saving/SavingLine";
import { HomePicture } from "./HomePicture";
import { HomeStations } from "./HomeStations";
import { UnitTable } from "./UnitTable";

/** The home of a project: its picture, its stations, its units with what was picked, and what is next. */
export function HomeScreen() {
  return (
    <ProjectScreen station="home" title={(project) => project?.name ?? "Project"} className="page max-w-310">
      {(project) => <Opened project={project} />}
    </ProjectScreen>
  );
}

function Opened({ project }: { project: Project }) {
  return (
    <>
      <Heading>{project.name}</Heading>
      <p className="text-quiet">
        Seam allowance{" "}
        <FinishedSize length={project.seam_allowance} className="min-w-0 border-0 bg-transparent p-0" />
        {project.aside && " · put aside: it takes nothing from the shelf"}
      </p>
      <LastDone />
      <div className="mt-4 grid grid-cols-[minmax(0,330px)_1fr] gap-x-9 gap-y-6 max-stacked:grid-cols-[minmax(0,1fr)]">
        <section aria-label="Picture" className="min-h-90 max-stacked:min-h-0">
          <HomePicture project={project} />
        </section>
        <section aria-labelledby="stations" className="min-w-0">
          <p className="mb-4 flex flex-wrap items-center gap-x-3 gap-y-2">
            <span className="text-quiet">What is next</span>
            <NextLink project={project.id} className="button button-brass" />
          </p>
          <h2 id="stations" className="sr-only">
            Stations
          </h2>
          <HomeStations project={project.id} />
          {project.notes && <p className="mt-4 max-w-170 whitespace-pre-line">{project.notes}</p>}
        </section>
      </div>
      <section aria-labelledby="home-units" className="mt-6">
        <div className="mb-2 flex flex-wrap items-center gap-x-5 gap-y-1">
          <h2 id="home-units" className="m-0">
            Units
          </h2>
          {project.units.length > 1 && (
            <Link to={`${placeOf(project.id, "units")}/all`} className="button">
              Decide them all together
            </Link>
          )}
        </div>
        <UnitTable project={project} />
      </section>
      <p className="quiet mt-5 text-sm print:hidden">
        Its name, tools, measure and a link to show it are under{" "}
        <Link to="/projects" className="underline">
          all projects
        </Link>
        .
      </p>
    </>
  );
}
