import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";

import { read } from "../api/reads";
import { nextOf } from "./useAtWork";

type Props = { project: number; className?: string };

/** What is next for a project, and the way there. */
export function NextLink({ project, className = "underline" }: Props) {
  const { data } = useQuery(read.stations(project));
  if (!data) return null;
  return (
    <Link to={nextOf(project, data)} className={className}>
      <span className="inline-block first-letter:uppercase">{data.next.say}</span>
    </Link>
  );
}
