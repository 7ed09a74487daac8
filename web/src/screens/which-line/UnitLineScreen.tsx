import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useSearchParams } from "react-router";

import { ApiError, type Project, type Unit } from "../../api/client";
import { read } from "../../api/reads";
import { Heading } from "../../parts/Heading";
import { MeasureContext, told } from "../../parts/measures";
import { Notice } from "../../parts/Notice";
import { FinishedSize } from "../../parts/Sizes";
import { LastDone } from "../../saving/SavingLine";
import { fillOf } from "../../drawing/Weaves";
import { fabricOf, storedOf } from "../weighing/useWeighing";
import { UnitScreen } from "../weighing/UnitScreen";
import { LineAnswer } from "./LineAnswer";

/** A unit of a project under every tool in the drawer, at the size of its fence. */
export function UnitLineScreen() {
  return (
    <UnitScreen side="which line?" className="page">
      {(project, unit) =>
        unit ? <Opened project={project} unit={unit} /> : <Heading>This unit is not in the project</Heading>
      }
    </UnitScreen>
  );
}

function Opened({ project, unit }: { project: Project; unit: Unit }) {
  const [params] = useSearchParams();
  const size = params.get("finished");
  const { measure } = project;
  const asked = useQuery({
    ...read.line(unit.id, size && told(size, measure), storedOf(project, unit)),
    placeholderData: keepPreviousData,
  });
  const error = asked.error instanceof ApiError ? asked.error : null;
  return (
    <MeasureContext value={measure}>
      <Heading>
        Which line? {unit.label}{" "}
        {[...new Set(asked.data?.finished)].map((one, i) => (
          <span key={one}>
            {i > 0 && " × "}
            <FinishedSize length={one} />
          </span>
        ))}
      </Heading>
      <LastDone />
      <p className="mt-1 max-w-170 text-quiet">
        Every tool in your drawer that can cut or trim it, as it lies on the fabric, with its line lit.
      </p>
      {error && <Notice tone="alarm">{error.faults[0]?.message ?? error.message}</Notice>}
      {!asked.data && !error && <Notice>Opening…</Notice>}
      {asked.data && (
        <LineAnswer
          answer={asked.data}
          fillFor={(role) => fillOf(role ? fabricOf(project, unit.fabrics[role]) : undefined)}
        />
      )}
    </MeasureContext>
  );
}
