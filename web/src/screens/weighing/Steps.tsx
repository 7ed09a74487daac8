import type { Method } from "../../api/client";
import { Assumed } from "../../parts/Assumed";
import { Words } from "../../parts/Words";
import { counted } from "../../parts/plural";
import { Cares } from "./Cares";

type Step = NonNullable<Method["steps"]>[number];
type Props = {
  method: Method;
  /** Whether she has picked it before. */
  known: boolean;
};

/** The steps round by round, as hands do them, each with what helps in doing it. */
export function Steps({ method, known }: Props) {
  return (
    <div className="steps">
      <h3 className="mb-1 text-md">Step by step</h3>
      {rounds(method.steps ?? []).map((steps, i) => (
        <section key={i}>
          <h4>{i === 0 ? "Cutting" : `Sewing, round ${i}`}</h4>
          <ol>
            {steps.map((step) => (
              <li key={`${step.step} ${step.say}`}>
                <div className="min-w-0">
                  <Words>{step.say}</Words>
                  <Hints step={step} open={!known} />
                </div>
                {step.minutes > 0 && (
                  <span className="quiet text-sm whitespace-nowrap">{step.minutes.toFixed(1)} min</span>
                )}
              </li>
            ))}
          </ol>
        </section>
      ))}
      <p className="quiet my-1.5 text-xs">
        {done(method)} Minutes are <Assumed basis={method.effort?.basis} of="time" />.
      </p>
      <Cares cares={method.cares ?? []} />
    </div>
  );
}

/** Folded for who knows the method. */
function Hints({ step, open }: { step: Step; open: boolean }) {
  const { hints = [] } = step;
  if (hints.length === 0) return null;
  return (
    <details className="text-sm text-quiet" open={open}>
      <summary className="w-fit cursor-pointer">Hints</summary>
      <ul aria-label="Hints" className="mb-1 ml-4 list-disc">
        {hints.map((hint) => (
          <li key={hint} className="hint-line">
            {hint}
          </li>
        ))}
      </ul>
    </details>
  );
}

/** The steps of each round, in order. */
function rounds(steps: Step[]): Step[][] {
  const numbers = [...new Set(steps.map((step) => step.round))];
  return numbers.map((number) => steps.filter((step) => step.round === number));
}

/** What it comes to, in words. */
function done({ effort }: Method): string {
  if (!effort) return "";
  const passes = effort.passes > 0 ? `, ${counted(effort.passes, "pass", "passes")} through the press` : "";
  return `${counted(effort.cuts, "cut")}, the ruler placed ${counted(effort.placements, "time")}${passes}.`;
}
