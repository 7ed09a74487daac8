import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";

import type { Project } from "../../api/client";
import { read } from "../../api/reads";
import { Heading } from "../../parts/Heading";
import { Opening } from "../../parts/Opening";
import { ProjectScreen } from "../../parts/ProjectScreen";
import { placeOf } from "../../parts/stations";
import { Words } from "../../parts/Words";
import { LastDone } from "../../saving/SavingLine";
import { BuyTable } from "./BuyTable";
import { useKeptQuilt } from "../quilt/useKeptQuilt";

/** How soon it is asked whether the counting is done, in milliseconds. */
const COUNTED_AGAIN = 1500;

/** What a project needs of each fabric, what is on the shelf, and what to buy. */
export function BuyScreen() {
  return (
    <ProjectScreen station="buy" title={(project) => (project ? `Buy: ${project.name}` : "Buy")}>
      {(project) => (
        <>
          <Heading>What to buy: {project.name}</Heading>
          <LastDone />
          <Opened project={project} />
        </>
      )}
    </ProjectScreen>
  );
}

function Opened({ project }: { project: Project }) {
  const counting = useQuery({
    ...read.promised(),
    refetchInterval: ({ state }) => (state.data?.counting ? COUNTED_AGAIN : false),
  });
  if (project.aside)
    return (
      <p className="mt-2">
        This project is put aside: it takes nothing from the shelf. Take it out again under all projects.
      </p>
    );
  if (!counting.data) return <Opening error={counting.error}>Counting…</Opening>;
  return (
    <>
      <p role="status" className="quiet mt-1 empty:hidden">
        {counting.data.counting && "It is being counted anew; until then it stands as it was."}
      </p>
      <BuyTable project={project} promised={counting.data.promised} />
      <NotYet project={project} />
      {project.quilt && <Finishing project={project} />}
    </>
  );
}

/** What is not in the list, because nothing was picked for it. */
function NotYet({ project }: { project: Project }) {
  const open = project.units_in_all - project.units_picked;
  if (open === 0) return null;
  return (
    <p className="mt-3">
      {project.next.say.replace(/^./, (first) => first.toUpperCase())} to have{" "}
      {project.quilt ? "them counted as you will make them" : "what they take counted too"}:{" "}
      <Link to={placeOf(project.id, "units")} className="underline">
        the units
      </Link>
      .
    </p>
  );
}

/** Backing, batting and binding; and what cannot be counted. */
function Finishing({ project }: { project: Project }) {
  const { data } = useKeptQuilt(project);
  if (!data) return null;
  const inches = project.measure === "cm" ? "" : " inches";
  return (
    <>
      <h2>Backing, batting, binding</h2>
      <ul className="grid max-w-170 gap-1">
        <li>
          <Words>{`Backing: ${data.backing.length}${inches} of fabric in all.`}</Words>
        </li>
        <li>
          <Words>{`Batting: ${data.batting.join(" × ")}${inches}.`}</Words>
        </li>
        <li>
          <Words>{`Binding: ${data.binding.strips} strips, ${data.binding.length}${inches} joined.`}</Words>
        </li>
      </ul>
      {data.not_counted.length > 0 && (
        <>
          <h2>Not counted</h2>
          <ul className="grid max-w-170 gap-1">
            {data.not_counted.map(({ say }) => (
              <li key={say}>
                <Words>{say}</Words>
              </li>
            ))}
          </ul>
        </>
      )}
    </>
  );
}
