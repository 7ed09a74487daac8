import type { ReactNode } from "react";

import { Words } from "../../parts/Words";

type Props = {
  name: string;
  /** What it is set to now, in a few words. */
  holds: string;
  /** Whether it is open from the first moment. */
  opened: boolean;
  children: ReactNode;
};

/** A part of the setting, folded: its name, and what it holds. */
export function SettingPart({ name, holds, opened, children }: Props) {
  return (
    <details className="border-t border-rule" open={opened}>
      <summary className="min-h-11 cursor-pointer py-2.5">
        <b>{name}</b>{" "}
        <span className="quiet">
          <Words>{holds}</Words>
        </span>
      </summary>
      <fieldset className="entry-group setting-row mb-3">
        <legend className="sr-only">{name}</legend>
        {children}
      </fieldset>
    </details>
  );
}
