import { ArrowLeft, Undo2 } from "lucide-react";
import { useState } from "react";

import type { StoredTool, ToolKind } from "../../api/client";
import { ClashDialog } from "../../parts/ClashDialog";
import { Hint } from "../../parts/Hint";
import { Notice } from "../../parts/Notice";
import { useBack } from "../../parts/useBack";
import { useKeys } from "../../parts/useKeys";
import { useKinds } from "../../parts/useKinds";
import { useLight } from "../../parts/useLight";
import { ToolDialog } from "./ToolDialog";
import { ToolRow } from "./ToolRow";
import { type Drawer, useTools } from "./useTools";

/** The drawer: every tool she owns by its kind, new ones, changed ones, removed ones. */
export function ToolsScreen() {
  const drawer = useTools();
  const kinds = useKinds();
  const back = useBack();
  useLight();
  useKeys({
    "ctrl+z": () => void drawer.undo(),
    u: () => void drawer.undo(),
    b: back,
    a: () => document.querySelector<HTMLElement>(".add-tool")?.click(),
  });
  const trouble = drawer.tools.failureReason ?? kinds.failureReason;
  return (
    <div className="hands">
      <header className="head">
        <Hint text="Back" keys="B">
          <button type="button" className="link-button" onClick={back}>
            <ArrowLeft size={16} aria-hidden="true" /> Back to the bench
          </button>
        </Hint>
      </header>
      <main>
        <h1>Your tools</h1>
        {drawer.tools.data && kinds.data ? (
          <Tools drawer={drawer} kinds={kinds.data.tools} />
        ) : (
          <Notice tone={trouble ? "alarm" : "plain"}>{trouble?.message ?? "Opening the drawer…"}</Notice>
        )}
      </main>
    </div>
  );
}

function Tools({ drawer, kinds }: { drawer: Drawer; kinds: ToolKind[] }) {
  const [sought, seek] = useState("");
  const shown = drawer.list.filter((one) =>
    one.tool.name.toLowerCase().includes(sought.trim().toLowerCase()),
  );
  return (
    <>
      <p className="hands-lead">
        What is printed on a tool is what the beam shows and what methods are weighed with. Enter it as it is
        printed.
      </p>
      <div className="tools-bar">
        <ToolDialog title="Add a tool" kinds={kinds} does="Add" onSave={drawer.add}>
          <button type="button" className="button button-brass add-tool">
            Add a tool
          </button>
        </ToolDialog>
        <input
          type="search"
          aria-label="Find a tool"
          placeholder="Find a tool"
          value={sought}
          onChange={(event) => seek(event.target.value)}
        />
        <Standing drawer={drawer} />
      </div>
      {drawer.list.length === 0 && (
        <Notice>No tool in the drawer yet: add the ruler you cut with first.</Notice>
      )}
      {kinds.map((kind) => (
        <OfKind
          key={kind.kind}
          kind={kind}
          tools={shown.filter((one) => one.tool.kind === kind.kind)}
          drawer={drawer}
        />
      ))}
      <ClashDialog open={drawer.clash !== null} onKeepTheirs={drawer.keepTheirs} onKeepMine={drawer.keepMine}>
        {drawer.clash?.theirs.tool.name} was changed after you opened it here. Nothing has been saved over it.
      </ClashDialog>
    </>
  );
}

function OfKind({ kind, tools, drawer }: { kind: ToolKind; tools: StoredTool[]; drawer: Drawer }) {
  if (tools.length === 0) return null;
  return (
    <section aria-labelledby={`kind-${kind.kind}`}>
      <h2 id={`kind-${kind.kind}`}>{kind.title}</h2>
      <ul className="tools">
        {tools.map((one) => (
          <ToolRow key={one.id} stored={one} kind={kind} drawer={drawer} />
        ))}
      </ul>
    </section>
  );
}

function Standing({ drawer }: { drawer: Drawer }) {
  return (
    <div role="status" className="pick-line">
      {drawer.trouble && <span className="field-error">{drawer.trouble}</span>}
      {drawer.done && (
        <span>
          {drawer.done.said}.{" "}
          <Hint text="Undo" keys="Ctrl Z">
            <button type="button" className="link-button" onClick={() => void drawer.undo()}>
              <Undo2 size={15} aria-hidden="true" /> Undo
            </button>
          </Hint>
        </span>
      )}
    </div>
  );
}
