import { api, type StoredTool, type ToolDocument } from "../../api/client";
import { read } from "../../api/reads";
import { type Store, useStored } from "../../saving/useStored";

const DRAWER: Store<StoredTool, ToolDocument> = {
  of: "tool",
  add: (tool, others) => {
    const id =
      tool.id ??
      freeId(
        tool.name ?? "",
        others.map((one) => one.tool.id),
      );
    return api.addTool({ ...tool, id });
  },
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
      let taken = stored.list;
      for (const tool of tools) taken = [...taken, await DRAWER.add(tool, taken)];
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

/** A name for documents made of the tool's own: "long-rule", and "long-rule-2" where that is another's. */
export function freeId(name: string, taken: string[]): string {
  const plain =
    name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, "-")
      .replace(/^-|-$/g, "")
      .slice(0, 60) || "tool";
  const numbered = (number: number) => (number === 1 ? plain : `${plain}-${number}`);
  let number = 1;
  while (taken.includes(numbered(number))) number += 1;
  return numbered(number);
}
