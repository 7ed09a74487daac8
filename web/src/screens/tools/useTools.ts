import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";

import { api, ApiError, type StoredTool, type ToolDocument } from "../../api/client";

/** What was done to the drawer, and what takes it back. */
type Done = { said: string; back: () => Promise<unknown> };
type Save = (over: StoredTool) => Promise<void>;

/** The drawer: adding a tool, changing and removing one, and taking back what was done last. */
export function useTools() {
  const queries = useQueryClient();
  const tools = useQuery({ queryKey: ["tools"], queryFn: api.tools, staleTime: 0 });
  const [done, setDone] = useState<Done | null>(null);
  const [clash, setClash] = useState<{ theirs: StoredTool; again: Save } | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const list = tools.data?.tools ?? [];

  const refresh = async () => {
    await queries.invalidateQueries({ queryKey: ["tools"] });
    await queries.invalidateQueries({ queryKey: ["project"] });
  };
  const say = async (what: Done | null) => {
    setTrouble(null);
    setDone(what);
    await refresh();
  };
  // Over another window's change nothing is saved without asking.
  const over = async (seen: StoredTool, save: Save) => {
    try {
      await save(seen);
      setClash(null);
    } catch (error) {
      if (!(error instanceof ApiError) || error.status !== 409 || !error.current) throw error;
      setClash({ theirs: error.current as StoredTool, again: save });
    }
  };
  const orSay = async (work: Promise<unknown>) => {
    try {
      await work;
    } catch (error) {
      setTrouble(error instanceof ApiError ? error.message : "That could not be done.");
    }
  };

  const add = async (tool: ToolDocument) => {
    const ids = list.map((one) => one.tool.id);
    const added = await api.addTool({ ...tool, id: tool.id ?? freeId(String(tool.name ?? ""), ids) });
    await say({ said: `Added ${added.tool.name}`, back: () => api.removeTool(added) });
  };
  const change = (tool: ToolDocument) => async (seen: StoredTool) => {
    const saved = await api.changeTool(seen, tool);
    await say({ said: `Changed ${saved.tool.name}`, back: () => api.changeTool(saved, seen.tool) });
  };
  const remove = async (seen: StoredTool) => {
    await api.removeTool(seen);
    await say({ said: `Removed ${seen.tool.name}`, back: () => api.addTool(seen.tool) });
  };
  const undo = async () => {
    await done?.back();
    await say(null);
  };

  return {
    tools,
    list,
    done,
    trouble,
    clash,
    add,
    change: (seen: StoredTool, tool: ToolDocument) => over(seen, change(tool)),
    remove: (seen: StoredTool) => orSay(over(seen, remove)),
    undo: () => orSay(undo()),
    keepTheirs: () => {
      setClash(null);
      void refresh();
    },
    keepMine: () => {
      if (clash) void orSay(over(clash.theirs, clash.again));
    },
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
