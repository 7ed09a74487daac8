import { useQuery, keepPreviousData } from "@tanstack/react-query";

import type { DrawnStep, Fabric, Method, Unit, WeighAnswer } from "../../api/client";
import { read } from "../../api/reads";
import { drawnAs, scaleOf, StepPicture } from "../../drawing/StepPicture";
import { ScaleBar } from "../../drawing/ScaleBar";
import { Assumed } from "../../parts/Assumed";
import { useAtRest } from "../../parts/useAtRest";
import { Words } from "../../parts/Words";
import { counted } from "../../parts/plural";
import { Cares } from "./Cares";

type Step = NonNullable<Method["steps"]>[number];
type FabricOf = (role: string) => Fabric | undefined;
type Props = {
  unit: Unit;
  method: Method;
  /** What was weighed: the size at the fence, and how many. */
  answer: WeighAnswer;
  /** A word for the drawer, the hands and the fabric that it is weighed with. */
  stored: string;
  fabricOf: FabricOf;
  /** Whether she has picked it before. */
  known: boolean;
};

/** Room for the drawing of a step, in points of the screen. */
const WIDE = 250;
const HIGH = 150;
const BAR_ROOM = 60;
const BAR_HIGH = 24;

/** The steps round by round, as hands do them, each with its drawing and what helps in doing it. */
export function Steps(props: Props) {
  const { method, fabricOf, known } = props;
  const drawn = useDrawn(props);
  return (
    <div className="steps">
      {rounds(method.steps ?? []).map((steps, i) => (
        // Steps may be told in the same words twice: they are known by their place.
        <section key={i} aria-label={i === 0 ? "Cutting" : `Sewing, round ${i}`}>
          <h3>{i === 0 ? "Cutting" : `Sewing, round ${i}`}</h3>
          <ol>
            {steps.map(({ step, place }) => (
              <li key={place}>
                <Drawn drawing={drawn(step, place)} say={step.say} fabricOf={fabricOf} />
                <p>
                  <Words>{step.say}</Words>
                  {step.minutes > 0 && (
                    <span className="quiet ml-2 text-sm whitespace-nowrap">
                      {step.minutes.toFixed(1)} min
                    </span>
                  )}
                </p>
                <Hints step={step} open={!known} />
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

/** The drawing of a step, as it was asked for last. */
function useDrawn({ unit, method, answer, stored }: Props) {
  const { count } = answer.unit;
  const where = {
    at: answer.fence?.finished ?? null,
    count:
      typeof count === "number"
        ? { count: String(count) }
        : { left: String(count.left), right: String(count.right) },
  };
  const rested = useAtRest(JSON.stringify(where));
  const { data } = useQuery({
    ...read.drawnSteps(unit.id, method.method, JSON.parse(rested) as typeof where, stored),
    placeholderData: keepPreviousData,
  });
  return (step: Step, place: number) => drawnAs(data?.drawn, step, place);
}

type DrawnProps = { drawing: DrawnStep["drawing"] | undefined; say: string; fabricOf: FabricOf };

function Drawn({ drawing, say, fabricOf }: DrawnProps) {
  return (
    <figure className="grid content-end" style={{ minHeight: HIGH + BAR_HIGH }}>
      {drawing && (
        <>
          <StepPicture drawing={drawing} fabricOf={fabricOf} width={WIDE} height={HIGH} label={say} />
          <ScaleBar room={BAR_ROOM} scale={scaleOf(drawing, WIDE, HIGH)} />
        </>
      )}
    </figure>
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

/** The steps of each round, in order, each with its place among all. */
function rounds(steps: Step[]) {
  const placed = steps.map((step, place) => ({ step, place }));
  const numbers = [...new Set(steps.map((step) => step.round))];
  return numbers.map((number) => placed.filter(({ step }) => step.round === number));
}

/** What it comes to, in words. */
function done({ effort }: Method): string {
  if (!effort) return "";
  const passes = effort.passes > 0 ? `, ${counted(effort.passes, "pass", "passes")} through the press` : "";
  return `${counted(effort.cuts, "cut")}, the ruler placed ${counted(effort.placements, "time")}${passes}.`;
}
