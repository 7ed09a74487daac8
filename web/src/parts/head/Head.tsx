import { CircleHelp, Moon, Sun } from "lucide-react";
import { lazy, Suspense, useState } from "react";

import { useHelp } from "../Ground";
import { Hint } from "../Hint";
import type { Place } from "../stations";
import { useAtWork } from "../useAtWork";
import { turnLight, useLight } from "../useLight";
import { BenchButton } from "./BenchButton";
import { Hers } from "./Hers";
import { Stations } from "./Stations";
import { Turns } from "./Turns";

/** Fetched when it is opened. */
const BenchMenu = lazy(async () => ({ default: (await import("./BenchMenu")).BenchMenu }));

type Props = { project: number | undefined; station: Place | undefined };

/** The head of every screen: whose bench and which project, the stations of the work, and what is hers. */
export function Head({ project, station }: Props) {
  const last = useAtWork();
  const [menu, setMenu] = useState(false);
  const light = useLight();
  const showKeys = useHelp();
  const id = project ?? last?.id;
  return (
    <header className="head">
      {menu ? (
        <Suspense fallback={<BenchButton project={id} />}>
          <BenchMenu project={id} onClose={() => setMenu(false)} />
        </Suspense>
      ) : (
        <BenchButton project={id} onClick={() => setMenu(true)} />
      )}
      {id !== undefined && <Stations project={id} present={station} />}
      <span className="head-hers">
        <Turns />
        <Hers />
        <Hint text={light === "light" ? "Dark" : "Light"} action="light">
          <button
            type="button"
            className="icon-button max-stacked:hidden"
            onClick={turnLight}
            aria-label="Light or dark"
          >
            {light === "light" ? <Moon size={17} /> : <Sun size={17} />}
          </button>
        </Hint>
        <Hint text="All keys" action="help">
          <button type="button" className="icon-button" onClick={showKeys} aria-label="All keys">
            <CircleHelp size={17} />
          </button>
        </Hint>
      </span>
    </header>
  );
}
