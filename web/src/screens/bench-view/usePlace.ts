import { useQuery } from "@tanstack/react-query";
import { useEffect } from "react";
import { useNavigate, useParams } from "react-router";

import { api } from "../../api/client";
import { read } from "../../api/reads";
import { useKeys } from "../../parts/useKeys";

/** Places are kept one after another, so that the last is the one that stays. */
let putting: Promise<unknown> = Promise.resolve();

/** At which step she stands: its address says so, and the server keeps it for wherever she goes on. */
export function usePlace(list: string, steps: number, address: string, away: string) {
  const { step } = useParams();
  const navigate = useNavigate();
  const bookmark = read.bookmark(list);
  const kept = useQuery({
    queryKey: bookmark.queryKey,
    // Where she went just now is kept before it is asked for.
    queryFn: async () => (await putting, api.bookmark(list)),
    enabled: step === undefined,
    staleTime: 0,
  });
  const asked = kept.isFetchedAfterMount ? kept.data?.step : undefined;
  const at = within(step === undefined ? asked : Number(step) - 1, steps);
  const open = step === undefined;
  useEffect(() => {
    if (open && at !== undefined) void navigate(`${address}/${at + 1}`, { replace: true });
  }, [open, at, address, navigate]);
  useEffect(() => {
    // What could not be kept is asked of the address: she loses nothing that she sees.
    if (!open && at !== undefined)
      putting = putting.then(() => api.putBookmark(list, at)).catch(() => undefined);
  }, [open, at, list]);
  const go = (to: number) => void navigate(`${address}/${to + 1}`, { replace: true });
  const next = () => at !== undefined && at < steps && go(at + 1);
  const back = () => at !== undefined && at > 0 && go(at - 1);
  useKeys({ next: () => next(), back: () => back(), leaveBench: () => void navigate(away) });
  return { at: open ? undefined : at, next: () => void next(), back: () => void back() };
}

/** One past the last is where all are done. */
function within(at: number | undefined, steps: number): number | undefined {
  if (at === undefined) return undefined;
  return Number.isInteger(at) ? Math.min(Math.max(at, 0), steps) : 0;
}
