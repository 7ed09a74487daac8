import type { ApiError, Project, Unit, UnitDrawing } from "../../api/client";
import { UnitPicture } from "../../drawing/UnitPicture";
import { fillOf } from "../../drawing/Weaves";
import { FinishedSize } from "../../parts/Sizes";
import { EntryField } from "./EntryField";
import type { Wanted } from "./useWanted";
import { clothOf } from "./useWeighing";

type Props = {
  project: Project;
  unit: Unit;
  wanted: Wanted;
  drawing: UnitDrawing | undefined;
  error: ApiError | null;
};

const KINDS: Record<string, string> = { half_square: "half-square triangle units" };

/** What is wanted, as a sentence with two numbers to fill in. */
export function Order({ project, unit, wanted, drawing, error }: Props) {
  const cloths = Object.entries(unit.cloths);
  return (
    <section className="order" aria-label="What is wanted">
      {drawing ? (
        <UnitPicture
          drawing={drawing}
          fillOf={(role) => fillOf(clothOf(project, unit.cloths[role]))}
          size={58}
          label={`${unit.label}, finished`}
        />
      ) : (
        <span className="unit-picture-waiting" />
      )}
      <EntryField
        id="count"
        label="How many"
        value={String(wanted.spec.count)}
        error={error?.at("/unit/count")}
        onEnter={(count) => wanted.change({ count })}
      />
      <span className="order-kind">
        {KINDS[unit.unit.kind] ?? unit.unit.kind}
        <span className="order-cloths">
          {cloths.map(([role, id], i) => (
            <span key={role}>
              {i > 0 && " and "}
              <Swatch fill={fillOf(clothOf(project, id))} />
              {clothOf(project, id)?.name} <span className="quiet">({role})</span>
            </span>
          ))}
        </span>
      </span>
      <EntryField
        id="finished"
        label="Finished size"
        value={wanted.spec.finished}
        error={error?.at("/unit/finished")}
        onEnter={(finished) => wanted.change({ finished })}
        ringed
      />
      <span className="order-seam">
        <span className="quiet">seam allowance</span> <FinishedLine length={project.seam_allowance} />
      </span>
      {error && !error.at("/unit/count") && !error.at("/unit/finished") && (
        <p role="alert" className="field-error">
          {error.faults[0]?.message ?? error.message}
        </p>
      )}
    </section>
  );
}

function FinishedLine({ length }: { length: string }) {
  return <FinishedSize length={length} className="plain" />;
}

function Swatch({ fill }: { fill: string }) {
  return (
    <svg width="15" height="15" aria-hidden="true" className="swatch">
      <rect width="15" height="15" fill={fill} />
    </svg>
  );
}
