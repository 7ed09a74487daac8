import type { Fabric, Method, Unit, WeighAnswer } from "../../api/client";
import { PARTS } from "../../drawing/PartsBar";
import { ScaleBar } from "../../drawing/ScaleBar";
import { StripPicture } from "../../drawing/StripPicture";
import { useTold } from "../../parts/measures";
import { PrintedNumber } from "../../parts/Sizes";
import { Words } from "../../parts/Words";
import { MethodReasons, ToWatch } from "./MethodReasons";
import { MethodTruth } from "./MethodTruth";
import { PrintTemplates } from "./PrintTemplates";
import { Steps } from "./Steps";
import { CutLabel } from "./Reading";

type FabricOf = (role: string) => Fabric | undefined;
type Props = {
  method: Method;
  fabricOf: FabricOf;
  longest: number;
  unit: Unit;
  answer: WeighAnswer;
  stored: string;
  /** Whether she has picked it before: then she needs no hints. */
  known: boolean;
};

/** Room for the full picture, in pixels. */
const ROOM = 620;
const BAR_ROOM = 80;

/** A row opened: what to watch, the tools' lines, the steps; behind "Why" what they follow from. */
export function MethodDetail({ method, fabricOf, longest, unit, answer, stored, known }: Props) {
  const finished = answer.fence?.finished;
  return (
    <tr className="detail">
      <td colSpan={8} className="wrap-anywhere">
        {method.feasible && <ToWatch method={method} />}
        <Settings method={method} />
        {method.family === "template" && <PrintTemplates unitId={unit.id} finished={finished} />}
        {method.steps && (
          <Steps
            unit={unit}
            method={method}
            answer={answer}
            stored={stored}
            fabricOf={fabricOf}
            known={known}
          />
        )}
        {method.feasible && <Why method={method} fabricOf={fabricOf} scale={ROOM / longest} />}
      </td>
    </tr>
  );
}

/** Why it stands where it does: the whole of its cutting, where the fabric goes, and how accurate it is. */
function Why({ method, fabricOf, scale }: PictureProps) {
  return (
    <details className="why mt-3 border-t border-rule pt-1">
      <summary className="flex min-h-10 w-fit cursor-pointer items-center text-md font-semibold">
        Why, and its figures
      </summary>
      <MethodReasons method={method} />
      <div className="grid grid-cols-[repeat(auto-fit,minmax(min(100%,480px),1fr))] gap-x-6.5 gap-y-3">
        <div>
          <Pictures method={method} fabricOf={fabricOf} scale={scale} />
          <FabricTable method={method} fabricOf={fabricOf} />
        </div>
        <MethodTruth method={method} />
      </div>
    </details>
  );
}

function nameOf(fabricOf: FabricOf, role: string): string {
  return fabricOf(role)?.name ?? role;
}

function Settings({ method }: { method: Method }) {
  if (method.settings.length === 0) return null;
  return (
    <ul className="mb-3 grid gap-1.5">
      {method.settings.map((setting) => (
        <li key={`${setting.tool}/${setting.side}/${setting.mark}`} className="flex items-center gap-2.5">
          <PrintedNumber printed={setting.mark} reads={setting.reads} className="flex-none text-2xl" />
          <span>
            <Words>{setting.say}</Words>
          </span>
        </li>
      ))}
    </ul>
  );
}

type PictureProps = { method: Method; fabricOf: FabricOf; scale: number };

function Pictures({ method, fabricOf, scale }: PictureProps) {
  return (
    <div
      role="group"
      aria-label="How it is cut"
      tabIndex={0}
      className="relative grid gap-2 max-narrow:max-w-full max-narrow:overflow-x-auto"
    >
      {Object.entries(method.drawings ?? {}).map(([role, drawings]) => (
        <figure key={role}>
          <figcaption className="mb-0.75 text-sm">
            {nameOf(fabricOf, role)} <span className="quiet">({role})</span>
            <CutList method={method} role={role} />
          </figcaption>
          {drawings.map((drawing, i) => (
            <span key={i} className="mb-0.75 flex items-center gap-1">
              <StripPicture
                drawing={drawing}
                fabric={fabricOf(role)}
                scale={scale}
                label={`${nameOf(fabricOf, role)}, ${drawing.repeats} like this`}
              />
              <span className="min-w-[1.6em] figure text-sm text-quiet">×{drawing.repeats}</span>
            </span>
          ))}
        </figure>
      ))}
      <ScaleBar room={BAR_ROOM} scale={scale} />
    </div>
  );
}

function CutList({ method, role }: { method: Method; role: string }) {
  return method.cuts
    ?.filter((cut) => cut.fabric === role)
    .map((cut, i) => (
      <span key={i} className="ml-3.5">
        {cut.count} × <CutLabel shape={cut.shape} size={cut.size} /> {cut.shape}
      </span>
    ));
}

function FabricTable({ method, fabricOf }: { method: Method; fabricOf: FabricOf }) {
  const rows = Object.entries(method.fabric ?? {});
  const { areaOf, area_words: area } = useTold();
  return (
    <table className="mt-2.5 border-collapse text-sm">
      <caption className="text-left text-quiet">Where the fabric goes, in {area}</caption>
      <thead>
        <tr>
          <th scope="col" className="py-0.5 pr-3.5 text-left font-normal max-phone:pr-1.5">
            Fabric
          </th>
          {PARTS.map((part) => (
            <th
              key={part.key}
              scope="col"
              className="py-0.5 pr-3.5 text-right font-normal tabular-nums max-phone:pr-1.5"
            >
              {part.name}
            </th>
          ))}
          <th scope="col" className="py-0.5 pr-3.5 text-right font-normal tabular-nums max-phone:pr-1.5">
            from stock
          </th>
        </tr>
      </thead>
      <tbody>
        {rows.map(([role, parts]) => (
          <tr key={role}>
            <th
              scope="row"
              className="min-w-15 py-0.5 pr-3.5 text-left font-normal wrap-anywhere max-phone:pr-1.5"
            >
              {nameOf(fabricOf, role)}
            </th>
            {PARTS.map((part) => (
              <td
                key={part.key}
                className="py-0.5 pr-3.5 text-right figure text-md tabular-nums max-phone:pr-1.5"
              >
                {areaOf(parts[part.key])}
              </td>
            ))}
            <td className="py-0.5 pr-3.5 text-right figure text-md tabular-nums max-phone:pr-1.5">
              {areaOf(parts.consumed)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
