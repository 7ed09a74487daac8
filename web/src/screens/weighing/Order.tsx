import type { ApiError, Project, Unit, UnitDrawing, WeighAnswer } from "../../api/client";
import { UnitPicture } from "../../drawing/UnitPicture";
import { fillOf } from "../../drawing/Weaves";
import { ChangeUnit } from "./ChangeUnit";
import { EntryField } from "../../parts/EntryField";
import { LengthEntry } from "../../parts/LengthEntry";
import { Sides } from "./UnitWords";
import type { Wanted } from "./useWanted";
import type { Units } from "./useUnits";
import { fabricOf } from "./useWeighing";

type Props = {
  project: Project;
  unit: Unit;
  wanted: Wanted;
  /** The size at the fence, as it is written. */
  size: string;
  answer: WeighAnswer | undefined;
  /** What its measure on the beam is called. */
  measure: string | undefined;
  error: ApiError | null;
  units: Units;
  /** How the pick stands. */
  children: React.ReactNode;
};

/** What is wanted, as a sentence with two numbers to fill in. */
export function Order({ project, unit, wanted, size, answer, measure, error, units, children }: Props) {
  const drawing = answer?.drawing;
  const sizeError = error?.at("/at") ?? error?.at("/unit/finished");
  return (
    <section className="flex items-start gap-4.5 pt-2 pb-1 max-wide:flex-wrap" aria-label="What is wanted">
      {drawing ? (
        <UnitPicture
          drawing={drawing}
          fillOf={(role) => fillOf(fabricOf(project, unit.fabrics[role]))}
          size={58}
          label={`${unit.label}, finished`}
        />
      ) : (
        <span className="size-14.5 bg-ground-deep" />
      )}
      <Counts wanted={wanted} error={error} />
      <span className="grid gap-0.5 pt-3.5 text-xl font-semibold">
        {drawing?.title ?? unit.unit.kind.replaceAll("_", " ")}
        <Fabrics project={project} unit={unit} roles={roles(drawing, unit)} />
      </span>
      <LengthEntry
        id="finished"
        place="size"
        label={measure ?? "Finished size"}
        value={size}
        error={sizeError}
        onEnter={(finished) => wanted.change({ finished })}
        ringed
      />
      {drawing && drawing.sides.length > 1 && (
        <span className="pt-5.5 text-xl whitespace-nowrap">
          <Sides sides={drawing.sides} />
        </span>
      )}
      <ChangeUnit project={project} unit={unit} units={units} />
      <div className="ml-auto grid min-w-0 flex-1 justify-items-end gap-0.5 pt-1 text-right max-wide:basis-full max-wide:justify-items-start max-wide:text-left">
        {children}
      </div>
      {error && !sizeError && !error.faults.some((fault) => fault.pointer.startsWith("/unit/count")) && (
        <p role="alert" className="field-error">
          {error.faults[0]?.message ?? error.message}
        </p>
      )}
    </section>
  );
}

type CountProps = { wanted: Wanted; error: ApiError | null };

/** How many, or how many of each hand. */
function Counts({ wanted, error }: CountProps) {
  const { count } = wanted;
  const fields =
    typeof count === "object"
      ? [
          { name: "left", label: "Lefts", value: count.left, pointer: "/unit/count/left" },
          { name: "right", label: "Rights", value: count.right, pointer: "/unit/count/right" },
        ]
      : [{ name: "count", label: "How many", value: count, pointer: "/unit/count" }];
  return fields.map(({ name, label, value, pointer }, i) => (
    <EntryField
      key={name}
      id={i === 0 ? "count" : name}
      place={i === 0 ? "count" : undefined}
      label={label}
      value={value}
      error={error?.at(pointer) ?? (i === 0 ? error?.at("/unit/count") : undefined)}
      onEnter={(typed) => wanted.change({ [name]: typed })}
    />
  ));
}

/** The fabrics in the order in which the unit names them. */
function roles(drawing: UnitDrawing | undefined, unit: Unit): string[] {
  return [...new Set([...(drawing?.patches.map((patch) => patch.role) ?? []), ...Object.keys(unit.fabrics)])];
}

function Fabrics({ project, unit, roles }: { project: Project; unit: Unit; roles: string[] }) {
  return (
    <span className="text-md font-normal">
      {roles.map((role, i) => {
        const fabric = fabricOf(project, unit.fabrics[role]);
        return (
          <span key={role}>
            {i > 0 && (i === roles.length - 1 ? " and " : ", ")}
            <Swatch fill={fillOf(fabric)} />
            {fabric?.name ?? "plain yardage"} <span className="quiet">({role})</span>
          </span>
        );
      })}
    </span>
  );
}

function Swatch({ fill }: { fill: string }) {
  return (
    <svg width="15" height="15" aria-hidden="true" className="swatch">
      <rect width="15" height="15" fill={fill} />
    </svg>
  );
}
