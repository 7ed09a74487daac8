import type { StoredTool, ToolKind } from "../../api/client";
import { known } from "../../fields/said";
import { Collection } from "../../parts/Collection";
import { FormDialog } from "../../parts/FormDialog";
import { KeptRow } from "../../parts/KeptRow";
import { Notice } from "../../parts/Notice";
import { useKinds } from "../../parts/useKinds";
import { ToolForm } from "./ToolForm";
import { type Drawer, useTools } from "./useTools";

const LEAD =
  "What is printed on a tool is what the beam shows and what methods are weighed with. Enter it as it is printed.";

/** The drawer: every tool she owns by its kind, new ones, changed ones, removed ones. */
export function ToolsScreen() {
  const drawer = useTools();
  const kinds = useKinds().data?.tools ?? [];
  return (
    <Collection
      title="Your tools"
      lead={LEAD}
      find="Find a tool"
      kept={drawer}
      ready={kinds.length > 0}
      add={
        <FormDialog
          title="Add a tool"
          trigger={
            <button type="button" className="button button-brass add-one">
              Add a tool
            </button>
          }
        >
          {(close) => <ToolForm kinds={kinds} does="Add" onSave={(tool) => drawer.add(tool).then(close)} />}
        </FormDialog>
      }
    >
      {(sought) => (
        <>
          {drawer.list.length === 0 && (
            <Notice>No tool in the drawer yet: add the ruler you cut with first.</Notice>
          )}
          {kinds.map((kind) => (
            <OfKind
              key={kind.kind}
              kind={kind}
              tools={drawer.list.filter(({ tool }) => tool.kind === kind.kind && sought(tool.name))}
              drawer={drawer}
            />
          ))}
        </>
      )}
    </Collection>
  );
}

function OfKind({ kind, tools, drawer }: { kind: ToolKind; tools: StoredTool[]; drawer: Drawer }) {
  if (tools.length === 0) return null;
  return (
    <section aria-labelledby={`kind-${kind.kind}`}>
      <h2 id={`kind-${kind.kind}`}>{kind.title}</h2>
      <ul className="tools">
        {tools.map((stored) => (
          <KeptRow
            key={stored.id}
            name={stored.tool.name}
            known={known(kind.fields, stored.tool, ["id", "name"])}
            onRemove={() => void drawer.remove(stored)}
            form={(close) => (
              <ToolForm
                kinds={[kind]}
                tool={stored.tool}
                does="Change"
                onSave={(tool) => drawer.change(stored, tool).then(close)}
              />
            )}
          />
        ))}
      </ul>
    </section>
  );
}
