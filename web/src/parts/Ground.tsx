import { createContext, lazy, Suspense, useContext, useMemo, useState } from "react";
import { Outlet } from "react-router";

import { useGoing, useKeys } from "./useKeys";
import { turnLight } from "./useLight";

/** Fetched when it is opened. */
const KeyList = lazy(async () => ({ default: (await import("./KeyList")).KeyList }));

const HelpContext = createContext<() => void>(() => undefined);

/** Opens the list of keys. */
export function useHelp(): () => void {
  return useContext(HelpContext);
}

/** What every screen stands on: light, and the list of keys. */
export function Ground() {
  const [open, setOpen] = useState(false);
  const help = useMemo(() => () => setOpen(true), []);
  useGoing();
  useKeys({ light: turnLight, help });
  return (
    <HelpContext value={help}>
      <Outlet />
      {open && (
        <Suspense>
          <KeyList open onOpenChange={setOpen} />
        </Suspense>
      )}
    </HelpContext>
  );
}
