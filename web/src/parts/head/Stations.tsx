import { useQuery } from "@tanstack/react-query";
import { Check } from "lucide-react";
import { Link } from "react-router";

import { read } from "../../api/reads";
import { Hint } from "../Hint";
import type { Action } from "../keys";
import { type Place, placeOf, STATIONS } from "../stations";

/** How soon it is asked whether the counting is done, in milliseconds. */
const COUNTED_AGAIN = 1500;
const KEYS_OF: Record<Place, Action> = { home: "home", quilt: "quilt", units: "units", buy: "buy" };

type Props = { project: number; present: Place | undefined };

/** The stations of the work in their order, each with what is open there; the present one on the brass line. */
export function Stations({ project, present }: Props) {
  const { data } = useQuery({
    ...read.stations(project),
    refetchInterval: ({ state }) => (state.data?.counting ? COUNTED_AGAIN : false),
  });
  return (
    <nav aria-label="Stations of the work" className="stations">
      <At place="home" title="Home" project={project} present={present} />
      {(data?.stations ?? UNKNOWN).map(({ station, title, open }) => (
        <At key={station} place={station} title={title} open={open} project={project} present={present} />
      ))}
    </nav>
  );
}

/** As they stand before it is known how far each is. */
const UNKNOWN: { station: Exclude<Place, "home">; title: string; open?: string | null }[] = [
  { station: "quilt", title: "Quilt" },
  { station: "units", title: "Units" },
  { station: "buy", title: "Buy" },
];

type AtProps = Props & { place: Place; title: string; open?: string | null };

function At({ place, title, open, project, present }: AtProps) {
  const { Icon } = STATIONS[place];
  return (
    <Hint text={title} action={KEYS_OF[place]}>
      <Link
        to={placeOf(project, place)}
        className="place station"
        aria-current={place === present ? "page" : undefined}
      >
        <Icon size={17} aria-hidden="true" />
        <span className="station-name">{title}</span>
        {open === null && <Check size={14} aria-label="nothing open" className="station-open" />}
        {open && <span className="station-open">{open}</span>}
      </Link>
    </Hint>
  );
}
