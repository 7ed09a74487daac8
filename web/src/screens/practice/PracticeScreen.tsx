import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";

import { api, type Drill, type DrillResult } from "../../api/client";
import { read } from "../../api/reads";
import { Heading } from "../../parts/Heading";
import { Notice } from "../../parts/Notice";
import { formOf } from "../../parts/plural";
import { Screen } from "../../parts/Screen";
import { HAND_TABS, ScreenTabs } from "../../parts/ScreenTabs";
import { SavingLine } from "../../saving/SavingLine";
import { useSaving } from "../../saving/useSaving";
import { Asking } from "./Asking";

/** Short drills from her own drawer, and how they went over time. */
export function PracticeScreen() {
  const drills = useQuery(read.drills());
  const queries = useQueryClient();
  const [open, setOpen] = useState<{ drill: Drill; seed: number } | null>(null);
  const saving = useSaving<DrillResult | null>(() => queries.invalidateQueries(read.drills()));
  const keep = (right: number, asked: number) => {
    if (!open) return;
    const { drill, title } = open.drill;
    saving.start({
      said: `Saved ${title}: ${right} of ${asked}`,
      over: () => null,
      save: () => api.keepDrill(drill, right, asked),
    });
  };
  return (
    <Screen title="Practice" under={<ScreenTabs tabs={HAND_TABS} />}>
      <Heading>Practice</Heading>
      <p className="mt-1 max-w-170 text-quiet">
        Ten questions at a time on what costs fabric when it is mixed up, asked from your own drawer.
      </p>
      <div role="status" className="mt-1 text-md">
        <SavingLine saving={saving} />
      </div>
      {open ? (
        <Asking
          key={open.seed}
          drill={open.drill}
          seed={open.seed}
          onDone={keep}
          onLeave={() => setOpen(null)}
          onAgain={() => setOpen({ ...open, seed: seedNow() })}
        />
      ) : (
        <ul className="mt-4 grid rounded-sm border border-rule bg-panel">
          {(drills.data ?? []).map((drill) => (
            <li key={drill.drill} className="tool">
              <div className="flex-[1_1_300px]">
                <strong>{drill.title}</strong>
                <p className="quiet">{went(drill)}</p>
              </div>
              <Course drill={drill} />
              <button
                type="button"
                className="button button-brass"
                aria-label={`Begin ${drill.title}`}
                onClick={() => setOpen({ drill, seed: seedNow() })}
              >
                Begin
              </button>
            </li>
          ))}
        </ul>
      )}
      {drills.error && <Notice tone="alarm">{drills.error.title}</Notice>}
    </Screen>
  );
}

/** Other questions each time. */
function seedNow(): number {
  return Date.now() % 2_000_000_000;
}

function went({ results }: Drill): string {
  const last = results.at(-1);
  if (!last) return "not tried yet";
  return `last time ${last.right} of ${last.asked} right · tried ${formOf(results.length, "once", `${results.length} times`)}`;
}

/** The last results, side by side. */
function Course({ drill }: { drill: Drill }) {
  return (
    <svg
      width={drill.results.length * 9}
      height="26"
      role="img"
      aria-label={`The last ${drill.results.length} results`}
    >
      {drill.results.map(({ right, asked, at }, i) => (
        <g key={`${at}/${i}`}>
          <rect x={i * 9} width="7" height="26" className="fill-ground-deep" />
          <rect
            x={i * 9}
            y={26 - (26 * right) / asked}
            width="7"
            height={(26 * right) / asked}
            className="fill-brass"
          />
        </g>
      ))}
    </svg>
  );
}
