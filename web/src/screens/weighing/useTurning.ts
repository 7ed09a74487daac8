import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";

import type { Asked, Interval, Turning, Unit } from "../../api/client";
import { read } from "../../api/reads";

/** How long nothing has to move before it is asked where another method is first, milliseconds. */
const RESTS = 600;
/** So many stops of the fence are asked about at a time: what she does meanwhile is answered in between. */
const AT_A_TIME = 8;

/** Whether something has stood as it is for a while. */
function useRested(what: string | null): boolean {
  const [rested, setRested] = useState<string | null>(null);
  useEffect(() => {
    if (what === null) return;
    const rest = setTimeout(() => setRested(what), RESTS);
    return () => clearTimeout(rest);
  }, [what]);
  return what !== null && rested === what;
}

type Asking = { unit: Unit; asked: Asked; stored: string; fresh: boolean };

/** Which method is first at each size of the beam: it fills in from the left as it is worked out. */
export function useTurningBySize(
  { unit, asked, stored, fresh }: Asking,
  stops: string[] | undefined,
): Interval[] {
  const queries = useQueryClient();
  const of = JSON.stringify([unit.id, asked.count, asked.priorities, stored, stops]);
  const rested = useRested(fresh && stops ? of : null);
  const [found, setFound] = useState<{ of: string; intervals: Interval[] }>({ of: "", intervals: [] });
  useEffect(() => {
    if (!rested || !stops) return;
    let left = false;
    const work = async () => {
      let intervals: Interval[] = [];
      for (let i = 0; i < stops.length - 1 && !left; i += AT_A_TIME) {
        const [from = "", to = ""] = [stops[i], stops[Math.min(i + AT_A_TIME, stops.length - 1)]];
        const told = await queries.fetchQuery(read.turningBySize(unit.id, from, to, asked, stored));
        intervals = joined([...intervals, ...told.intervals]);
        if (!left) setFound({ of, intervals });
      }
    };
    work().catch(() => undefined);
    return () => void (left = true);
    // Whatever it is asked with is part of what it is of.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [rested, of]);
  return found.of === of ? found.intervals : [];
}

/** The same for each slider, at the size that stands at the fence. */
export function useTurningByPriorities({ unit, asked, stored, fresh }: Asking): Record<string, Turning> {
  const rested = useRested(fresh ? JSON.stringify([unit.id, asked, stored]) : null);
  const { data } = useQuery({ ...read.turningByPriorities(unit.id, asked, stored), enabled: rested });
  return data?.priorities ?? {};
}

/** Neighbours of which the same method is first are one. */
function joined(intervals: Interval[]): Interval[] {
  return intervals.reduce<Interval[]>((before, one) => {
    const last = before.at(-1);
    if (last?.first !== one.first) return [...before, one];
    const span = last.span && one.span && [last.span[0] ?? 0, one.span[1] ?? 0];
    return [...before.slice(0, -1), { ...last, to: one.to, span }];
  }, []);
}

/** The next size, up or down, at which another method takes over; nothing where there is none. */
export function borderFrom(intervals: Interval[], at: number, way: 1 | -1): string | undefined {
  const borders = intervals.slice(1);
  const beyond = borders.filter(({ span: [from = 0] = [] }) => (way === 1 ? from > at : from < at));
  const next = way === 1 ? beyond[0] : beyond.at(-1);
  return next && String(next.from);
}
