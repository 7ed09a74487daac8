import { ChevronRight, Pin, PinOff } from "lucide-react";
import { createContext, memo, useContext } from "react";
import { Link } from "react-router";

import type { Fabric, Method } from "../../api/client";
import { PartsBar } from "../../drawing/PartsBar";
import { inHundred, SpreadPicture } from "../../drawing/SpreadPicture";
import { StripPicture } from "../../drawing/StripPicture";
import { Hint } from "../../parts/Hint";
import { isPlace } from "../../parts/places";
import { useTold } from "../../parts/measures";
import { Words } from "../../parts/Words";
import { Reading } from "./Reading";

type Props = {
  method: Method;
  first: boolean;
  onFocus: (method: string | null) => void;
  beatenBy: string | undefined;
  scale: number;
  most: number;
  fabricOf: (role: string) => Fabric | undefined;
  picked: boolean;
  pickedHere: boolean;
  open: boolean;
  onOpen: () => void;
  onPick: () => void;
};

/** One way to make the unit. */
export function MethodRow(props: Props) {
  const { method, first, onFocus, beatenBy, picked, open, onOpen } = props;
  return (
    <tr
      className={`method ${picked ? "method-picked" : ""} ${method.feasible ? "" : "method-not"}`}
      onFocus={() => onFocus(method.method)}
      onBlur={() => onFocus(null)}
    >
      <th scope="row">
        <div className="method-head">
          <button
            type="button"
            className="method-name"
            ref={isPlace(first ? "methods" : undefined)}
            data-method={method.method}
            aria-expanded={open}
            onClick={onOpen}
            onKeyDown={(event) => moveAmongRows(event)}
          >
            <ChevronRight
              size={16}
              aria-hidden="true"
              className={`flex-none transition-transform duration-120 ${open ? "rotate-90" : ""}`}
            />
            <span className="w-13 flex-none self-start figure text-lg text-quiet">{method.rank ?? "–"}</span>
            <span>{method.title}</span>
          </button>
          {method.feasible && <Verdict method={method} beatenBy={beatenBy} />}
          {method.feasible && <Reading method={method} />}
        </div>
      </th>
      {method.feasible ? <Figures {...props} /> : <Reasons method={method} open={open} />}
    </tr>
  );
}

/** What is counted as a chance for error. */
const CHANCES =
  "Chances for error: every time a line or an edge is laid by eye, for all of these units: a ruler on its line, two edges on one another, a seam along a drawn line.";

/** One word for where it stands; why, where one looks closer. */
function Verdict({ method, beatenBy }: { method: Method; beatenBy: string | undefined }) {
  const why = [beatenBy && `Beaten on every count by ${beatenBy}.`, method.why].filter(Boolean).join(" ");
  return (
    <Hint text={why}>
      <span tabIndex={0} className="verdict" data-first={method.rank === 1 || undefined}>
        {method.verdict}
      </span>
    </Hint>
  );
}

function Figures({ method, scale, most, fabricOf, pickedHere, onPick }: Props) {
  const strips = Object.entries(method.drawings ?? {});
  const { areaOf, area } = useTold();
  return (
    <>
      <td className="method-strips">
        <div className={strips.length > 2 ? "strips strips-many" : "strips"}>
          {strips.map(([role, drawings]) => (
            <FirstStrip key={role} role={role} drawings={drawings} scale={scale} fabric={fabricOf(role)} />
          ))}
        </div>
      </td>
      <td>
        {method.waste && <PartsBar waste={method.waste} most={most} width={124} />}
        <span className="text-sm whitespace-nowrap text-quiet" title={`from ${method.taken ?? ""}`}>
          <b className="font-semibold text-ink">{areaOf(method.waste?.net ?? 0)}</b> {area},{" "}
          {areaOf(method.waste?.lost ?? 0)} wasted
        </span>
      </td>
      <td className="numeric" data-label="extra units">
        {method.makes?.surplus}
      </td>
      <td>
        <span className="flex items-center gap-2.5">
          {method.accuracy && <SpreadPicture accuracy={method.accuracy} width={80} />}
          <span className="text-sm whitespace-nowrap text-quiet">
            <b className="font-semibold text-ink">{inHundred(method.accuracy?.good ?? 0)}</b>{" "}
            <span className="good-word">good</span>
          </span>
        </span>
      </td>
      <td className="numeric" data-label="chances for error">
        <Hint text={CHANCES}>
          <span tabIndex={0}>{method.accuracy?.alignments}</span>
        </Hint>
      </td>
      <td className="numeric" data-label="minutes">
        {method.effort?.minutes.toFixed(0)}
      </td>
      <td className="method-pick">
        <PickButton title={method.title ?? ""} pickedHere={pickedHere} onPick={onPick} />
      </td>
    </>
  );
}

/** Whether nothing can be picked: another pick is being saved, or there is no answer to be had. */
export const BusyContext = createContext(false);

type PickProps = { title: string; pickedHere: boolean; onPick: () => void };

function PickButton({ title, pickedHere, onPick }: PickProps) {
  return (
    <Hint text={pickedHere ? "Remove the pick" : "Pick this method"} action="pick">
      <button
        type="button"
        className={pickedHere ? "pick-button pick-button-on" : "pick-button"}
        disabled={useContext(BusyContext)}
        aria-pressed={pickedHere}
        aria-label={`${pickedHere ? "Unpick" : "Pick"} ${title}`}
        onClick={onPick}
      >
        {pickedHere ? <PinOff size={16} aria-hidden="true" /> : <Pin size={16} aria-hidden="true" />}
        {pickedHere ? "Unpick" : "Pick"}
      </button>
    </Hint>
  );
}

type StripProps = {
  role: string;
  drawings: NonNullable<Method["drawings"]>[string];
  scale: number;
  fabric: Fabric | undefined;
};

const FirstStrip = memo(function FirstStrip({ role, drawings, scale, fabric }: StripProps) {
  const [first] = drawings;
  if (!first) return null;
  const all = drawings.reduce((sum, drawing) => sum + drawing.repeats, 0);
  return (
    <span className="inline-flex items-center gap-1">
      <StripPicture drawing={first} fabric={fabric} scale={scale} label={`${role}: 1 of ${all}`} />
      <span className="min-w-[1.6em] figure text-sm text-quiet">×{all}</span>
    </span>
  );
});

/** As much as the row is high, so that it keeps its height; all of it where the row is open. */
function Reasons({ method, open }: { method: Method; open: boolean }) {
  const says = method.problems.map(({ say }) => say).join(" ");
  return (
    <td colSpan={7} className="reasons">
      <div className={open ? "" : "reasons-short"} title={open ? undefined : says}>
        {method.problems.map((problem) => (
          <p key={problem.say}>
            <Words>{problem.say}</Words>{" "}
            {problem.lacks && (
              <Link to={`/tools?add=${problem.lacks}`} className="link-button">
                Add one to the drawer
              </Link>
            )}
          </p>
        ))}
      </div>
    </td>
  );
}

function moveAmongRows(event: React.KeyboardEvent<HTMLElement>) {
  const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
  if (!step) return;
  const rows = [...document.querySelectorAll<HTMLElement>("[data-method]")];
  event.preventDefault();
  rows[rows.indexOf(event.currentTarget) + step]?.focus();
}
