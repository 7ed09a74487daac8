import { Link, useSearchParams } from "react-router";

import { ofBench } from "../../api/bench";
import type { StoredTool, ToolKind } from "../../api/client";
import { Collection } from "../../parts/Collection";
import { FormDialog } from "../../parts/FormDialog";
import { ScaleBar } from "../../drawing/ScaleBar";
import { ToolPicture } from "../../drawing/ToolPicture";
import { KeptActions } from "../../parts/KeptActions";
import { Notice } from "../../parts/Notice";
import { RowAction, RowFile } from "../../parts/RowMenu";
import { Words } from "../../parts/Words";
import { TableFile } from "../../parts/TableFile";
import { useKinds } from "../../parts/useKinds";
import { ScreenTabs, TOOL_TABS } from "../../parts/ScreenTabs";
import { ToolForm } from "./ToolForm";
import { UsualToolsForm } from "./UsualTools";
import { type Drawer, useTools } from "./useTools";

const LEAD =
  "What is printed on a tool is what the beam shows and what methods are weighed with. Enter it as it is printed.";

/** Room for the longest tool, and for the bar of the scale, in points of the screen; inches that it is drawn for at the least. */
const ROOM = 300;
const BAR_ROOM = 80;
const LEAST = 12;

/** The drawer: every tool she owns by its kind, new ones, changed ones, removed ones. */
export function ToolsScreen() {
  const drawer = useTools();
  const { tools: kinds = [], bars } = useKinds().data ?? {};
  // Whoever comes from a method that lacks a tool adds it here.
  const lacking = useSearchParams()[0].get("add");
  const scale = ROOM / Math.max(LEAST, ...drawer.list.flatMap(({ picture }) => picture?.size ?? []));
  return (
    <Collection
      under={<ScreenTabs tabs={TOOL_TABS} />}
      title="Your tools"
      lead={LEAD}
      find="Find a tool"
      kept={drawer}
      ready={kinds.length > 0}
      add={
        <>
          <FormDialog
            action="add"
            title="Add a tool"
            opened={lacking !== null}
            trigger={
              <button type="button" className="button button-brass">
                Add a tool
              </button>
            }
          >
            {(close) => (
              <ToolForm
                kinds={kinds}
                first={lacking}
                does="Add"
                onSave={(tool) => drawer.add(tool).then(close)}
              />
            )}
          </FormDialog>
          <FormDialog
            title="Tick the tools you own"
            trigger={
              <button type="button" className="button">
                Add several
              </button>
            }
          >
            {(close) => <UsualToolsForm onAdd={(tools) => drawer.addAll(tools).then(close)} />}
          </FormDialog>
          <Link to="/hands/practice" className="button">
            Practice
          </Link>
        </>
      }
    >
      {(sought) => (
        <>
          {drawer.list.length === 0 && (
            <Notice>No tool in the drawer yet: add the ruler you cut with first.</Notice>
          )}
          {drawer.list.some(({ picture }) => picture) && (
            <p className="mt-3">
              <ScaleBar room={BAR_ROOM} scale={scale} bars={bars} />
            </p>
          )}
          {[...new Set(kinds.map(({ group }) => group))].map((group) => (
            <Group
              key={group}
              group={group}
              kinds={kinds.filter((kind) => kind.group === group)}
              tools={drawer.list.filter(({ tool, retired }) => !retired && sought(tool.name))}
              drawer={drawer}
              scale={scale}
            />
          ))}
          <Retired
            tools={drawer.list.filter((one) => one.retired && sought(one.tool.name))}
            drawer={drawer}
          />
          <TableFile of="tools" onRead={drawer.refresh} />
        </>
      )}
    </Collection>
  );
}

type GroupProps = {
  group: string;
  kinds: ToolKind[];
  tools: StoredTool[];
  drawer: Drawer;
  /** Points of the screen to an inch: all tools hang to one scale. */
  scale: number;
};

/** Tools that are for one thing, as they hang. */
function Group({ group, kinds, tools, drawer, scale }: GroupProps) {
  const own = kinds.flatMap((kind) =>
    tools.filter(({ tool }) => tool.kind === kind.kind).map((stored) => ({ kind, stored })),
  );
  if (own.length === 0) return null;
  return (
    <section aria-label={group}>
      <h2>{group}</h2>
      <ul className="hung">
        {own.map(({ kind, stored }) => (
          <li key={stored.id}>
            <span className="hung-picture">
              {stored.picture && (
                <ToolPicture picture={stored.picture} scale={scale} label={`${stored.tool.name}, to scale`} />
              )}
            </span>
            <div className="min-w-0 wrap-anywhere">
              <strong>{stored.tool.name}</strong>
              <p className="quiet text-sm">{kind.title}</p>
              {stored.face.map((line) => (
                <p key={line} className="text-sm">
                  <Words>{line}</Words>
                </p>
              ))}
            </div>
            <KeptActions
              name={stored.tool.name}
              more={<Also stored={stored} drawer={drawer} />}
              onRemove={() => drawer.remove(stored)}
              form={(close) => (
                <ToolForm
                  kinds={[kind]}
                  tool={stored.tool}
                  does="Change"
                  onSave={(tool) => drawer.change(stored, tool).then(close)}
                />
              )}
            />
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What else can be done with a tool: a second one like it, putting it out of use, a template to print. */
function Also({ stored, drawer }: { stored: StoredTool; drawer: Drawer }) {
  const { name, kind } = stored.tool;
  return (
    <>
      {kind === "template" && <RowFile href={ofBench(`/api/tools/${stored.id}/template.pdf`)}>Print</RowFile>}
      <RowAction
        onSelect={() =>
          void drawer.add({ ...stored.tool, id: undefined, name: `${name}, second`.slice(0, 80) })
        }
      >
        Copy
      </RowAction>
      <RowAction onSelect={() => drawer.retire(stored, true)}>Retire</RowAction>
    </>
  );
}

/** Tools that are kept and not used. */
function Retired({ tools, drawer }: { tools: StoredTool[]; drawer: Drawer }) {
  if (tools.length === 0) return null;
  return (
    <section aria-labelledby="retired">
      <h2 id="retired">Retired</h2>
      <ul className="grid rounded-sm border border-rule bg-panel">
        {tools.map((stored) => (
          <li key={stored.id} className="tool">
            <span className="flex-[1_1_300px]">{stored.tool.name}</span>
            <button
              type="button"
              className="button"
              aria-label={`Use again: ${stored.tool.name}`}
              onClick={() => drawer.retire(stored, false)}
            >
              Use again
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
