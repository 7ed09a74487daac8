import { X } from "lucide-react";
import type { ReactNode } from "react";
import { Link } from "react-router";

import type { BenchStep } from "../../api/client";
import { Fraction } from "../../parts/Fraction";
import { Opening } from "../../parts/Opening";
import { Words } from "../../parts/Words";
import { useAwake } from "./useAwake";
import { usePlace } from "./usePlace";
import { useSwipe } from "./useSwipe";

type Props = {
  /** Which list of steps it is: her place in it is kept, on whichever device she goes on. */
  list: string;
  about: string;
  steps: BenchStep[];
  /** Of the list; each step has the next place after it. */
  address: string;
  /** Where she goes when she leaves. */
  away: string;
  picture: (step: BenchStep, place: number) => ReactNode;
};

/** Steps for standing work: one at a time over the whole window, its number as large as fits; a tap anywhere goes on. */
export function BenchView({ list, about, steps, address, away, picture }: Props) {
  const place = usePlace(list, steps.length, address, away);
  const swipe = useSwipe(place.back);
  useAwake();
  if (place.at === undefined)
    return (
      <main className="middle">
        <Opening />
      </main>
    );
  const step = steps[place.at];
  return (
    <main className="bench-view" onClick={place.next} {...swipe}>
      <header className="bench-view-head" onClick={(event) => event.stopPropagation()}>
        <span className="min-w-0 truncate">{about}</span>
        <span role="status" className="ml-auto figure whitespace-nowrap">
          {Math.min(place.at + 1, steps.length)} of {steps.length}
        </span>
        <Link to={away} className="bench-view-target" aria-label="Leave the bench view">
          <X size={28} />
        </Link>
      </header>
      {step ? <Shown key={place.at} step={step} picture={picture(step, place.at)} /> : <Done />}
      <footer className="bench-view-foot" onClick={(event) => event.stopPropagation()}>
        <button type="button" className="bench-view-target" disabled={place.at === 0} onClick={place.back}>
          ← Back
        </button>
        <progress max={steps.length} value={place.at} aria-label="How many are done" />
        <button type="button" className="bench-view-target" disabled={!step} onClick={place.next}>
          Next →
        </button>
      </footer>
    </main>
  );
}

function Shown({ step, picture }: { step: BenchStep; picture: ReactNode }) {
  const letters = step.number.replace(/\d+\/\d+/g, "1").length;
  return (
    <div className="bench-view-step">
      <div className="grid min-w-0 justify-items-center">
        <span
          className={`bench-view-number bench-view-${step.shown}`}
          style={{ "--letters": Math.max(2, letters) } as React.CSSProperties}
        >
          {step.number.split(" × ").map((length, i) => (
            <span key={i}>
              {i > 0 && " × "}
              <Fraction length={length} />
            </span>
          ))}
          {step.shown === "count" && <span className="bench-view-times">×</span>}
        </span>
        <h1 className="bench-view-title">{step.title}</h1>
      </div>
      <div className="bench-view-picture">{picture}</div>
      <p className="bench-view-say">
        <Words>{step.say}</Words>
      </p>
      {(step.care ?? step.hint) && (
        <p className="bench-view-hint">
          <Words>{step.care ?? step.hint ?? ""}</Words>
        </p>
      )}
    </div>
  );
}

function Done() {
  return (
    <div className="bench-view-step">
      <h1 className="bench-view-title">All steps are done.</h1>
    </div>
  );
}
