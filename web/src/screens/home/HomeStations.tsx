import { useQuery } from "@tanstack/react-query";
import { Check } from "lucide-react";
import { Link } from "react-router";

import { read } from "../../api/reads";
import { placeOf, STATIONS } from "../../parts/stations";

/** The stations one under the other, as they are gone through, each with how far it is. */
export function HomeStations({ project }: { project: number }) {
  const { data } = useQuery(read.stations(project));
  return (
    <ol className="grid border-l-4 border-brass">
      {(data?.stations ?? []).map(({ station, title, open }) => {
        const { Icon } = STATIONS[station];
        return (
          <li key={station}>
            <Link
              to={placeOf(project, station)}
              className="flex min-h-12 items-center gap-3 border-b border-rule px-4 hover:bg-panel"
            >
              <Icon size={20} aria-hidden="true" className="flex-none text-quiet" />
              <span className="min-w-22 text-lg font-strong">{title}</span>
              {open === null ? <Check size={18} aria-label="nothing open" /> : <span>{open}</span>}
            </Link>
          </li>
        );
      })}
    </ol>
  );
}
