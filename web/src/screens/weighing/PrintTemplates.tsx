import { Printer } from "lucide-react";
import { useState } from "react";

import { ofBench } from "../../api/bench";

const PAPERS = [
  ["letter", "Letter"],
  ["a4", "A4"],
] as const;

type Props = { unitId: number; /** The size at the fence. */ finished: string | undefined };

/** Templates of the unit's patches at the fence's size, to print and cut out. */
export function PrintTemplates({ unitId, finished }: Props) {
  const [blunt, setBlunt] = useState(false);
  const asked = new URLSearchParams({ ...(finished && { at: finished }), ...(blunt && { blunt: "yes" }) });
  return (
    <p className="mt-3.5 flex flex-wrap items-center gap-x-3 gap-y-2 text-md">
      <Printer size={16} aria-hidden="true" /> Print templates at true size:
      {PAPERS.map(([paper, name]) => (
        <a
          key={paper}
          className="button"
          href={ofBench(`/api/units/${unitId}/templates.pdf?paper=${paper}&${asked}`)}
        >
          {name}
        </a>
      ))}
      <a className="button" href={ofBench(`/api/units/${unitId}/templates.svg?${asked}`)}>
        SVG
      </a>
      <label className="tick-box">
        <input type="checkbox" checked={blunt} onChange={(event) => setBlunt(event.target.checked)} />
        dog ears off already
      </label>
    </p>
  );
}
