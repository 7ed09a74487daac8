import { useEffect, useMemo, useRef } from "react";
import { useNavigate } from "react-router";

import type { Project, Unit } from "../../api/client";
import { Heading } from "../../parts/Heading";
import { INCHES, MeasureContext, MeasuresContext } from "../../parts/measures";
import { Notice } from "../../parts/Notice";
import { goToPlace } from "../../parts/places";
import { useKeys } from "../../parts/useKeys";
import { useStable } from "../../parts/useStable";
import { useTypeAhead } from "../../parts/useTypeAhead";
import { Beam } from "./Beam";
import { BusyContext } from "./MethodRow";
import { HeldMethods } from "./HeldMethods";
import { MethodTable } from "./MethodTable";
import { Order } from "./Order";
import { PickLine } from "./PickLine";
import { Priorities } from "./Priorities";
import { SaidAtRest } from "./SaidAtRest";
import { sidesOf } from "./unitDocument";
import { usePicking } from "./usePicking";
import type { Units } from "./useUnits";
import { borderFrom, useTurningByPriorities, useTurningBySize } from "./useTurning";
import { useWanted } from "./useWanted";
import { useWhichLine } from "./useWhichLine";
import { useWeighing } from "./useWeighing";

type Props = { project: Project; unit: Unit; units: Units };

/** The weighing: what is wanted, the beam with the tools' marks, and the methods side by side. */
export function Bench({ project, unit, units }: Props) {
  const wanted = useWanted(unit, project.priorities);
  const weighing = useWeighing(project, unit, wanted);
  const { saving } = units;
  const navigate = useNavigate();
  const { answer, beam, error, fresh, trouble } = weighing;
  const { at, change } = wanted;
  const written = fresh ? answer?.fence?.finished : undefined;
  const size = at ?? sidesOf(unit.unit)[0] ?? written ?? "";
  useEffect(() => {
    // What was typed as 2.5 is written as the core writes it.
    if (written && at && written !== at) change({ finished: written });
  }, [written, at, change]);

  const { toggle, notPicked } = usePicking(unit, units, weighing.answered);
  const slide = useStable((finished: string) => change({ finished }));
  const focused = useRef<string | null>(null);
  const onFocusMethod = useStable((method: string | null) => (focused.current = method));
  // The rows there are until a size is weighed are those of another: keys on them wait for their own.
  const goOnceFresh = useTypeAhead(fresh, error !== null || trouble !== null);

  const asking = { unit, asked: weighing.asked, stored: weighing.stored, fresh };
  const bySize = useTurningBySize(asking, beam?.stops);
  const byPriorities = useTurningByPriorities(asking);
  const order =
    answer?.methods
      .map(({ method }) => method)
      .toSorted()
      .join(" ") ?? "";
  const methods = useMemo(() => order.split(" "), [order]);
  const border = (way: 1 | -1) => () => {
    const next = borderFrom(bySize, answer?.fence?.at ?? 0, way);
    if (next !== undefined) slide(next);
  };

  const whichLine = useWhichLine(unit);
  useKeys({
    fence: () => goToPlace("fence"),
    count: () => goToPlace("count"),
    size: () => goToPlace("size"),
    methods: () => goOnceFresh(() => goToPlace("methods")),
    matters: () => goToPlace("matters"),
    borderBefore: border(-1),
    borderAfter: border(1),
    line: () => void navigate(whichLine),
    bench: unit.pick ? () => void navigate(`/projects/${project.id}/units/${unit.id}/steps`) : undefined,
    pick: () => toggle(focused.current ?? wanted.open),
  });

  return (
    <MeasureContext value={project.measure}>
      <MeasuresContext value={answer?.measures ?? INCHES}>
        <div className="min-w-0 print:bg-[#fff]">
          <Heading className="sr-only print:not-sr-only">{unit.label}: methods</Heading>
          <Order
            project={project}
            unit={unit}
            wanted={wanted}
            size={size}
            answer={answer}
            measure={beam?.measure}
            error={error}
            units={units}
          >
            <PickLine
              seam={project.seam_allowance}
              unit={unit}
              weighed={fresh ? answer?.unit : undefined}
              wanted={wanted}
              saving={saving}
              notPicked={notPicked}
            />
          </Order>

          {beam && answer?.fence ? (
            <Beam
              beam={beam}
              fence={answer.fence}
              finished={size}
              onSlide={slide}
              turning={bySize}
              methods={methods}
            />
          ) : (
            <BeamWaiting />
          )}
          {project.put_aside.map((tool) => (
            <Notice key={tool.id} tone="alarm">
              {tool.name} is put aside: its {tool.say}. Change the tool to use it again.
            </Notice>
          ))}
          {trouble && !error?.faults.length && <Notice tone="alarm">{trouble.message}</Notice>}
          <Priorities
            project={project}
            weights={wanted.weights}
            weighed={wanted.weighed}
            weigh={wanted.weigh}
            turning={byPriorities}
            methods={methods}
          />

          <SaidAtRest size={size} answer={fresh ? answer : undefined} />
          {answer ? (
            <section aria-label="Methods" className={fresh ? "methods" : "methods methods-stale"}>
              <BusyContext value={saving.pending || error !== null || trouble !== null}>
                <MethodTable
                  project={project}
                  unit={unit}
                  answer={answer}
                  sorting={wanted.sorting}
                  open={wanted.open}
                  change={change}
                  onPick={toggle}
                  onFocusMethod={onFocusMethod}
                />
              </BusyContext>
              <HeldMethods
                unit={unit}
                answer={answer}
                asked={weighing.asked}
                stored={weighing.stored}
                chosen={wanted.held}
                change={change}
              />
            </section>
          ) : (
            !error && <Notice>Weighing the methods…</Notice>
          )}
        </div>
      </MeasuresContext>
    </MeasureContext>
  );
}

function BeamWaiting() {
  return <div className="beam mt-1 mr-23 mb-2.5 ml-64" aria-hidden="true" />;
}
