import { memo, useDeferredValue, useRef } from "react";

import type { Method, Project, Unit, WeighAnswer } from "../../api/client";
import { ScaleBar } from "../../drawing/ScaleBar";
import { Assumed } from "../../parts/Assumed";
import { Legend } from "./Legend";
import { MethodDetail } from "./MethodDetail";
import { MethodRow } from "./MethodRow";
import { SortHead } from "./SortHead";
import { same } from "./unitDocument";
import { useSettledOrder } from "./useSettledOrder";
import { fabricOf, storedOf } from "./useWeighing";
import type { Sorting, Wanted } from "./useWanted";

type Props = {
  project: Project;
  unit: Unit;
  answer: WeighAnswer;
  sorting: Sorting;
  /** The method whose row is open. */
  open: string | null;
  change: Wanted["change"];
  /** Picks a method, or removes its pick. */
  onPick: (method: string) => void;
  /** Which row she is on; none where she left them. */
  onFocusMethod: (method: string | null) => void;
};

/** Room for one fabric's strip in a row, in pixels. */
const STRIP_ROOM = 74;
const BAR_ROOM = 40;
/** Rows that are seen at once, more or less. */
const SEEN = 4;

/** The methods, a row each, all drawn to one scale; drawn again only for another answer. */
export const MethodTable = memo(function MethodTable(props: Props) {
  const { unit, answer, sorting, change } = props;
  const body = useRef<HTMLTableSectionElement>(null);
  const { rows: methods, settled } = useSettledOrder(
    inOrder(answer.methods, sorting, unit.pick?.method),
    `${sorting} ${unit.pick?.method ?? ""}`,
    body,
  );
  const longest = Math.max(0, ...lengths(answer.methods));
  const scale = STRIP_ROOM / (longest || 1);
  const most = Math.max(1, ...answer.methods.map((method) => method.waste?.consumed ?? 0));
  const shared = { ...props, longest, most, scale };
  const sort = (by: Sorting) => change({ sort: by === "rank" ? null : by });

  return (
    <>
      <table>
        <thead>
          <tr>
            <SortHead sorting="rank" current={sorting} onSort={sort}>
              Method
            </SortHead>
            <th scope="col">Fabric to scale {longest > 0 && <ScaleBar room={BAR_ROOM} scale={scale} />}</th>
            <SortHead sorting="fabric" current={sorting} onSort={sort}>
              Fabric used
            </SortHead>
            <SortHead sorting="surplus" current={sorting} onSort={sort} numeric>
              Extra units
            </SortHead>
            <SortHead
              sorting="good"
              current={sorting}
              onSort={sort}
              beside={<Assumed basis={basisOf(answer, "accuracy")} of="error" />}
            >
              Accuracy
            </SortHead>
            <SortHead sorting="alignments" current={sorting} onSort={sort} numeric>
              Chances for error
            </SortHead>
            <SortHead
              sorting="minutes"
              current={sorting}
              onSort={sort}
              numeric
              beside={<Assumed basis={basisOf(answer, "effort")} of="time" />}
            >
              Minutes
            </SortHead>
            <th scope="col">
              <span className="sr-only">Pick</span>
            </th>
          </tr>
        </thead>
        <tbody ref={body} data-settled={settled}>
          {methods.map((method, place) => (
            <Row key={method.method} row={{ ...shared, method, first: place === 0 }} seen={place < SEEN} />
          ))}
        </tbody>
      </table>
      <Legend />
    </>
  );
});

type RowProps = Props & { method: Method; first: boolean; longest: number; most: number; scale: number };

/** A row further down follows a frame later: the fence and what is seen beneath it do not wait for it. */
function Row({ row, seen }: { row: RowProps; seen: boolean }) {
  const later = useDeferredValue(row);
  return <Way {...(seen ? row : later)} />;
}

const Way = memo(function Way({ method, longest, most, scale, ...props }: RowProps) {
  const { project, unit, answer, open, change, onPick, first, onFocusMethod } = props;
  const fabricFor = (role: string) => fabricOf(project, unit.fabrics[role]);
  return (
    <>
      <MethodRow
        method={method}
        first={first}
        onFocus={onFocusMethod}
        beatenBy={answer.methods.find((one) => one.method === method.beaten_by)?.title}
        scale={scale}
        most={most}
        fabricOf={fabricFor}
        picked={isPicked(unit, method)}
        open={open === method.method}
        onOpen={() => change({ open: open === method.method ? null : method.method })}
        onPick={() => onPick(method.method)}
        pickedHere={isPicked(unit, method, answer)}
      />
      {open === method.method && (
        <MethodDetail
          method={method}
          fabricOf={fabricFor}
          longest={longest}
          unit={unit}
          answer={answer}
          stored={storedOf(project, unit)}
          known={project.methods_picked.includes(method.method)}
        />
      )}
    </>
  );
});

/** Said once for all of them: assumed where any of them is. */
function basisOf({ methods }: WeighAnswer, of: "accuracy" | "effort") {
  const known = methods.flatMap((method) => method[of]?.basis ?? []);
  return known.includes("assumed") ? "assumed" : known[0];
}

/** Whether it is the pick; with an answer, whether it was picked for just that unit. */
function isPicked(unit: Unit, method: Method, answer?: WeighAnswer): boolean {
  if (unit.pick?.method !== method.method) return false;
  return !answer || same(unit.pick.unit, answer.unit);
}

function lengths(methods: Method[]): number[] {
  return methods
    .flatMap((method) => Object.values(method.drawings ?? {}).flat())
    .map((drawing) => drawing.size[1] ?? 0);
}

const FIGURES: Record<Sorting, (method: Method) => number> = {
  rank: (method) => method.rank ?? 0,
  fabric: (method) => method.waste?.net ?? 0,
  surplus: (method) => method.waste?.surplus ?? 0,
  good: (method) => 1 - (method.accuracy?.good ?? 0),
  alignments: (method) => method.accuracy?.alignments ?? 0,
  minutes: (method) => method.effort?.minutes ?? 0,
};

/** The pick first, then what can be used by the figure asked for, then what cannot. */
function inOrder(methods: Method[], sorting: Sorting, picked: string | undefined): Method[] {
  const figure = FIGURES[sorting] ?? FIGURES.rank;
  const group = (method: Method) => (method.method === picked ? 0 : method.feasible ? 1 : 2);
  return methods.toSorted((one, other) => group(one) - group(other) || figure(one) - figure(other));
}
