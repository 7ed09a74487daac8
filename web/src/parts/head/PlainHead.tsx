import { CircleHelp, Moon, Sun } from "lucide-react";

import { useHelp } from "../Ground";
import { turnLight, useLight } from "../useLight";

/** The head of what is no screen of a bench: signing in, the start, a project that is shown. */
export function PlainHead() {
  const light = useLight();
  const showKeys = useHelp();
  return (
    <header className="head">
      <span className="flex items-center gap-2 font-bold">
        <img src="/favicon.svg" alt="" width="24" height="24" /> Oaken Gauge
      </span>
      <span className="head-hers">
        <button type="button" className="icon-button" onClick={turnLight} aria-label="Light or dark">
          {light === "light" ? <Moon size={17} /> : <Sun size={17} />}
        </button>
        <button type="button" className="icon-button" onClick={showKeys} aria-label="All keys">
          <CircleHelp size={17} />
        </button>
      </span>
    </header>
  );
}
