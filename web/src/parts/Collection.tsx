import { type ReactNode, useState } from "react";

import { ClashDialog } from "../saving/ClashDialog";
import { SavingLine } from "../saving/SavingLine";
import type { Saving } from "../saving/useSaving";
import { Heading } from "./Heading";
import { Opening } from "./Opening";
import { Screen } from "./Screen";

/** What a page of kept things has to know of them, whatever they are. */
type Kept = {
  opened: boolean;
  failed: { title: string } | null;
  saving: Saving;
  clashing: string;
};

type Props = {
  title: string;
  lead: string;
  /** What the search field says. */
  find: string;
  kept: Kept;
  ready: boolean;
  /** What stands between the head and the page. */
  under?: ReactNode;
  /** The button that adds one. */
  add: ReactNode;
  /** The list, of what has the sought words in its name. */
  children: (sought: (name: string) => boolean) => ReactNode;
};

/** A page of things that are kept: what was done last, what can be sought, and the list. */
export function Collection({ title, lead, find, kept, ready, under, add, children }: Props) {
  const [words, setWords] = useState("");
  const { saving } = kept;
  const sought = (name: string) => name.toLowerCase().includes(words.trim().toLowerCase());
  return (
    <Screen title={title} under={under}>
      <Heading>{title}</Heading>
      {ready && kept.opened ? (
        <>
          <p className="mt-1 max-w-170 text-quiet">{lead}</p>
          <div className="mt-3.5 flex flex-wrap items-center gap-x-4.5 gap-y-3">
            {add}
            <input
              type="search"
              className="boxed h-10 w-60 px-3"
              aria-label={find}
              placeholder={find}
              value={words}
              onChange={(event) => setWords(event.target.value)}
            />
            <div role="status" className="flex min-h-7.5 flex-wrap items-center gap-x-5 gap-y-0.5 text-md">
              <SavingLine saving={saving} />
            </div>
          </div>
          {children(sought)}
        </>
      ) : (
        <Opening error={kept.failed}>Opening…</Opening>
      )}
      <ClashDialog saving={saving} name={kept.clashing} />
    </Screen>
  );
}
