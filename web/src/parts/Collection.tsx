import { Undo2 } from "lucide-react";
import { type ReactNode, useState } from "react";

import { ClashDialog } from "./ClashDialog";
import { Frame } from "./Frame";
import { Hint } from "./Hint";
import { Notice } from "./Notice";
import { useBack } from "./useBack";
import { useKeys } from "./useKeys";
import { useLight } from "./useLight";

/** What a page of kept things has to know of them, whatever they are. */
type Kept = {
  opened: boolean;
  away: Error | null;
  done: string | undefined;
  trouble: string | null;
  clash: string | null;
  undo: () => Promise<void>;
  keepTheirs: () => void;
  keepMine: () => void;
};

type Props = {
  title: string;
  lead: string;
  /** What the search field says. */
  find: string;
  kept: Kept;
  ready: boolean;
  /** The button that adds one. */
  add: ReactNode;
  /** The list, of what has the sought words in its name. */
  children: (sought: (name: string) => boolean) => ReactNode;
};

/** A page of things that are kept: what was done last, what can be sought, and the list. */
export function Collection({ title, lead, find, kept, ready, add, children }: Props) {
  const [words, setWords] = useState("");
  const back = useBack();
  const undo = () => void kept.undo();
  useLight();
  useKeys({
    "ctrl+z": undo,
    u: undo,
    b: back,
    a: () => document.querySelector<HTMLElement>(".add-one")?.click(),
  });
  const sought = (name: string) => name.toLowerCase().includes(words.trim().toLowerCase());
  return (
    <div className="hands">
      <Frame />
      <main>
        <h1>{title}</h1>
        {ready && kept.opened ? (
          <>
            <p className="hands-lead">{lead}</p>
            <div className="tools-bar">
              {add}
              <input
                type="search"
                aria-label={find}
                placeholder={find}
                value={words}
                onChange={(event) => setWords(event.target.value)}
              />
              <Standing kept={kept} undo={undo} />
            </div>
            {children(sought)}
          </>
        ) : (
          <Notice tone={kept.away ? "alarm" : "plain"}>{kept.away?.message ?? "Opening…"}</Notice>
        )}
      </main>
      <ClashDialog open={kept.clash !== null} onKeepTheirs={kept.keepTheirs} onKeepMine={kept.keepMine}>
        {kept.clash} was changed after you opened it here. Nothing has been saved over it.
      </ClashDialog>
    </div>
  );
}

function Standing({ kept, undo }: { kept: Kept; undo: () => void }) {
  return (
    <div role="status" className="pick-line">
      {kept.trouble && <span className="field-error">{kept.trouble}</span>}
      {kept.done && (
        <span>
          {kept.done}.{" "}
          <Hint text="Undo" keys="Ctrl Z">
            <button type="button" className="link-button" onClick={undo}>
              <Undo2 size={15} aria-hidden="true" /> Undo
            </button>
          </Hint>
        </span>
      )}
    </div>
  );
}
