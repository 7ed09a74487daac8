import { api, type StoredTool, type ToolDocument } from "../../api/client";
import { read } from "../../api/reads";
import { type Store, useStored } from "../../saving/useStored";

const DRAWER: Store<StoredTool, ToolDocument> = {
  of: "tool",
  add: api.addTool,
  change: api.changeTool,
  remove: api.removeTool,
  name: ({ tool }) => tool.name,
  given: ({ tool }) => tool,
};

/** The drawer: adding a tool, changing and removing one, and taking back what was done last. */
export function useTools() {
  const stored = useStored(DRAWER, read.tools());
  return {
    ...stored,
    /** Several at once. */
    addAll: async (tools: ToolDocument[]) => {
      for (const tool of tools) await api.addTool(tool);
      await stored.refresh();
    },
    retire: (seen: StoredTool, retired: boolean) =>
      stored.did(
        `${retired ? "Retired" : "Took up"} ${seen.tool.name}`,
        seen,
        (over) => api.retireTool(over, retired),
        { do: "retire", with: !retired },
        { do: "retire", with: retired },
      ),
  };
}

export type Drawer = ReturnType<typeof useTools>;
