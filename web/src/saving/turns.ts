import type { QueryClient, QueryKey } from "@tanstack/react-query";

import {
  api,
  type Block,
  type BlockGiven,
  type FabricGiven,
  type KeptQuilt,
  type MakerChange,
  type MakerGiven,
  type PickedChange,
  type Project,
  type ProjectGiven,
  type ToolDocument,
  type Unit,
  type UnitChanges,
  type UnitDocument,
  type Versioned,
} from "../api/client";
import { OF_ALL_KEPT, read } from "../api/reads";
import { drawnOver, type Drawn } from "./drawn";
import type { Of, Step, Turn } from "./steps";

/** What something is by then: its version, and its number where it has one. */
export type Kept = { id?: number; lock_version: number; parts?: Unit[] };
type Does = (over: Versioned, given: never, queries: QueryClient) => Promise<Kept | null>;

/** Everything that can be taken back or done again, to each sort of thing; nothing is left of what is removed for good. */
const TURNS: Record<Of, Record<string, Does>> = {
  unit: {
    pick: (over, { method, spec }: { method: string | null; spec: UnitDocument }) =>
      api.pick(over, method, spec),
    change: (over, given: UnitChanges) => api.changeUnit(over, given),
    remove: (over) => api.takeAway(over),
    back: (over) => api.putBack(over),
  },
  project: {
    change: (over, given: ProjectGiven) => api.changeProject(over, given),
    quilt: (over, given: KeptQuilt) => api.keepQuilt(over, given),
    picks: async (over, given: PickedChange[]) => ({
      ...over,
      parts: (await api.pickAll(over.id, given)).units,
    }),
    remove: (over) => api.removeProject(over),
    back: (over) => api.putProjectBack(over),
  },
  tool: {
    add: (_, given: ToolDocument) => api.addTool(given),
    change: (over, given: ToolDocument) => api.changeTool(over, given),
    retire: (over, retired: boolean) => api.retireTool(over, retired),
    remove: (over) => api.removeTool(over),
  },
  fabric: {
    add: (_, given: FabricGiven) => api.addFabric(given),
    change: (over, given: FabricGiven) => api.changeFabric(over, given),
    remove: (over) => api.removeFabric(over),
  },
  block: {
    add: (_, given: BlockGiven) => api.addBlock(given),
    change: (over, given: Partial<BlockGiven>) => api.changeBlock(over, given),
    draw: async (over, drawn: Drawn, queries) =>
      api.changeBlock(over, drawnOver(await blockOf(queries, over.id), drawn)),
    remove: (over) => api.removeBlock(over),
  },
  makers: {
    change: (over, given: MakerGiven) => api.renameMaker(over, given),
    remove: (over) => api.removeMaker(over),
    back: (over) => api.putMakerBack(over),
  },
  hands: {
    change: ({ lock_version }, given: Omit<MakerChange, "lock_version">) =>
      api.changeMaker({ ...given, lock_version }),
  },
};

const LISTS: Record<Of, QueryKey[]> = {
  unit: [],
  project: [read.projects().queryKey],
  tool: [read.tools().queryKey],
  fabric: [read.fabrics().queryKey],
  block: [read.blocks().queryKey],
  makers: [read.makers().queryKey, read.start().queryKey],
  hands: [read.maker().queryKey],
};

/** Turns a step over a version: there or back. */
export function turn(
  { of, id }: Step,
  { do: does, with: given }: Turn,
  version: number,
  queries: QueryClient,
) {
  const act = TURNS[of][does];
  if (!act) throw new Error(`nothing ${does}s a ${of}`);
  return act({ id, lock_version: version }, given as never, queries);
}

/** Whatever shows the thing that was turned shows it as it is by then. */
export async function settle({ of }: Step, kept: Kept | null, queries: QueryClient): Promise<void> {
  if (of === "unit" && kept) putUnit(kept as Unit, queries);
  kept?.parts?.forEach((unit) => putUnit(unit, queries));
  for (const queryKey of [...LISTS[of], ...OF_ALL_KEPT]) await queries.invalidateQueries({ queryKey });
}

/** A unit stands in its project as it was saved, before the project is read anew. */
export function putUnit(unit: Unit, queries: QueryClient): void {
  queries.setQueryData<Project>(
    read.project(unit.project_id).queryKey,
    (before) => before && { ...before, units: before.units.map((one) => (one.id === unit.id ? unit : one)) },
  );
}

async function blockOf(queries: QueryClient, id: number): Promise<Block | undefined> {
  const { blocks } = await queries.fetchQuery(read.blocks());
  return blocks.find((one) => one.id === id);
}
