import createClient from "openapi-fetch";

import type { paths } from "./contract";
import { problemOf } from "./problem";
import { send } from "./send";
import type {
  UnitDocument,
  Kind,
  FabricForm,
  FabricGiven,
  ToolKind,
  ToolDocument,
  ToolLook,
  StoredTool,
  UsualTool,
  WhichLine,
  Promised,
  Missing,
  Question,
  DrillResult,
  Drill,
  Measure,
  Session,
  ShownProject,
  Standing,
  TakenIn,
  Looked,
  Clash,
  Unit,
  Project,
  ProjectRow,
  ProjectGiven,
  Block,
  BlockGiven,
  Stamp,
  ReadBlock,
  Place,
  Places,
  Fit,
  Job,
  KeptQuilt,
  QuiltAnswer,
  Ladder,
  UnitChanges,
  Fabric,
  Maker,
  Learnt,
  MakerChange,
  MakerGiven,
  MakerRow,
  Priority,
  WeighAnswer,
} from "./types";

export * from "./problem";
export * from "./types";

const client = createClient<paths>({ baseUrl: globalThis.location?.origin, fetch: send });

/** Whatever the core is asked: it reads it, and says what is wrong with it. */
type Document = Record<string, unknown>;
type Asked = Promise<{ data?: unknown; error?: unknown; response: Response }>;

/** What was answered; what went wrong is thrown as the server said it. The page knows more of a unit than the contract does. */
async function told<Answer>(asked: Asked): Promise<Answer> {
  const { data, error, response } = await asked;
  if (!response.ok) throw problemOf(response.status, error);
  return (response.status === 204 ? null : data) as Answer;
}

function without<Given extends object>(given: Given, key: keyof Given): Partial<Given> {
  return Object.fromEntries(Object.entries(given).filter(([name]) => name !== key)) as Partial<Given>;
}

export const api = {
  shown: (word: string) =>
    told<ShownProject>(client.GET("/api/shown/{word}", { params: { path: { word } } })),
  show: (id: number) =>
    told<{ path: string }>(client.POST("/api/projects/{id}/link", { params: { path: { id } } })),
  showNoMore: (id: number) =>
    told<ProjectRow>(client.DELETE("/api/projects/{id}/link", { params: { path: { id } } })),
  session: () => told<Session>(client.GET("/api/session")),
  signIn: (given: { name: string; passphrase: string }) =>
    told<Session>(client.POST("/api/session", { body: given })),
  signOut: (everywhere: boolean) =>
    told<Session>(
      client.DELETE("/api/session", { params: { query: { everywhere: everywhere ? "yes" : undefined } } }),
    ),
  signUp: (given: { code: string; name: string; passphrase: string }) =>
    told<Session>(client.POST("/api/accounts", { body: given })),
  resetPassphrase: (given: { code: string; passphrase: string }) =>
    told<Session>(client.POST("/api/accounts/reset", { body: given })),
  invite: () => told<{ path: string }>(client.POST("/api/account/invitations")),
  endAccount: (passphrase: string) =>
    told<Session>(client.POST("/api/account/end", { body: { passphrase } })),
  maker: () => told<Maker>(client.GET("/api/maker")),
  learn: (measured: unknown[]) => told<Learnt>(client.POST("/api/maker/learn", { body: { measured } })),
  changeMaker: (changes: MakerChange) => told<Maker>(client.PATCH("/api/maker", { body: changes })),
  kinds: (measure: Measure = "inch") =>
    told<{ kinds: Kind[]; tools: ToolKind[]; fabrics: FabricForm[]; priorities: Priority[] }>(
      client.GET("/api/kinds", { params: { query: { measure } } }),
    ),
  start: () => told<Standing>(client.GET("/api/start")),
  comeTo: (bench: "demo" | "own") => told<Standing>(client.POST("/api/start", { body: { bench } })),
  comeToMaker: (maker: number) => told<Standing>(client.POST("/api/start", { body: { maker } })),
  makers: async () => (await told<{ makers: MakerRow[] }>(client.GET("/api/makers"))).makers,
  addMaker: (given: MakerGiven) => told<MakerRow>(client.POST("/api/makers", { body: given })),
  renameMaker: ({ id, lock_version }: MakerRow, { name }: MakerGiven) =>
    told<MakerRow>(
      client.PATCH("/api/makers/{id}", { params: { path: { id } }, body: { name, lock_version } }),
    ),
  removeMaker: ({ id, lock_version }: MakerRow) =>
    told<MakerRow>(client.DELETE("/api/makers/{id}", { params: { path: { id }, query: { lock_version } } })),
  putMakerBack: ({ id, lock_version }: MakerRow) =>
    told<MakerRow>(
      client.POST("/api/makers/{id}/back", { params: { path: { id } }, body: { lock_version } }),
    ),
  whichLine: (document: Document, signal?: AbortSignal) =>
    told<WhichLine>(client.POST("/api/which-line", { body: document, signal })),
  promised: () =>
    told<{ promised: Record<string, Promised>; counting: boolean }>(client.GET("/api/fabrics/promised")),
  missing: (projectId: number) =>
    told<{ missing: Missing | null; counting: boolean }>(
      client.GET("/api/projects/{id}/missing", { params: { path: { id: projectId } } }),
    ),
  drills: async () => (await told<{ drills: Drill[] }>(client.GET("/api/practice"))).drills,
  questions: async (drill: string, seed: number) =>
    (
      await told<{ questions: Question[] }>(
        client.GET("/api/practice/{id}", { params: { path: { id: drill }, query: { seed } } }),
      )
    ).questions,
  keepDrill: (drill: string, right: number, asked: number) =>
    told<DrillResult>(
      client.POST("/api/practice/{id}", { params: { path: { id: drill } }, body: { right, asked } }),
    ),
  readOutline: (svg: string) =>
    told<{ outline: string[][]; left_aside: string[] }>(client.POST("/api/outlines", { body: { svg } })),
  readTable: (of: "fabrics" | "tools", csv: string, confirmed: boolean) =>
    told<TakenIn>(
      client.POST(of === "tools" ? "/api/tools/table" : "/api/fabrics/table", { body: { csv, confirmed } }),
    ),
  fabrics: async () => (await told<{ fabrics: Fabric[] }>(client.GET("/api/fabrics"))).fabrics,
  addFabric: (given: FabricGiven) => told<Fabric>(client.POST("/api/fabrics", { body: given })),
  changeFabric: (seen: Fabric, given: FabricGiven) =>
    told<Fabric>(
      client.PATCH("/api/fabrics/{id}", {
        params: { path: { id: seen.id } },
        body: { lock_version: seen.lock_version, ...given },
      }),
    ),
  removeFabric: (seen: Fabric) =>
    told<null>(
      client.DELETE("/api/fabrics/{id}", {
        params: { path: { id: seen.id }, query: { lock_version: seen.lock_version } },
      }),
    ),
  tools: async () => (await told<{ tools: StoredTool[] }>(client.GET("/api/tools"))).tools,
  usualTools: async () => (await told<{ tools: UsualTool[] }>(client.GET("/api/tools/usual"))).tools,
  look: (tool: ToolDocument, signal: AbortSignal) =>
    told<ToolLook>(client.POST("/api/tools/look", { body: { tool }, signal })),
  retireTool: (seen: StoredTool, retired: boolean) =>
    told<StoredTool>(
      client.PATCH("/api/tools/{id}", {
        params: { path: { id: seen.id } },
        body: { lock_version: seen.lock_version, retired },
      }),
    ),
  addTool: (tool: ToolDocument) => told<StoredTool>(client.POST("/api/tools", { body: { tool } })),
  changeTool: (seen: StoredTool, tool: ToolDocument) =>
    told<StoredTool>(
      client.PATCH("/api/tools/{id}", {
        params: { path: { id: seen.id } },
        body: { lock_version: seen.lock_version, tool },
      }),
    ),
  removeTool: (seen: StoredTool) =>
    told<null>(
      client.DELETE("/api/tools/{id}", {
        params: { path: { id: seen.id }, query: { lock_version: seen.lock_version } },
      }),
    ),
  projects: async () => (await told<{ projects: ProjectRow[] }>(client.GET("/api/projects"))).projects,
  addProject: (given: ProjectGiven) =>
    told<ProjectRow>(client.POST("/api/projects", { body: without(given, "aside") })),
  changeProject: (seen: ProjectRow, given: ProjectGiven) =>
    told<ProjectRow>(
      client.PATCH("/api/projects/{id}", {
        params: { path: { id: seen.id } },
        body: { lock_version: seen.lock_version, ...given },
      }),
    ),
  copyProject: (seen: ProjectRow, name: string) =>
    told<ProjectRow>(
      client.POST("/api/projects/{id}/copy", { params: { path: { id: seen.id } }, body: { name } }),
    ),
  removeProject: (seen: ProjectRow) =>
    told<ProjectRow>(
      client.DELETE("/api/projects/{id}", {
        params: { path: { id: seen.id }, query: { lock_version: seen.lock_version } },
      }),
    ),
  putProjectBack: (seen: ProjectRow) =>
    told<ProjectRow>(
      client.POST("/api/projects/{id}/back", {
        params: { path: { id: seen.id } },
        body: { lock_version: seen.lock_version },
      }),
    ),
  lookAtBench: (file: unknown) => told<Looked>(client.POST("/api/bench/look", { body: file as Document })),
  readBench: (file: unknown, clash: Clash = "both") =>
    told<{ projects: ProjectRow[] }>(
      client.POST("/api/bench", { params: { query: { clash } }, body: file as Document }),
    ),
  blocks: async () => (await told<{ blocks: Block[] }>(client.GET("/api/blocks"))).blocks,
  addBlock: (given: BlockGiven) => told<Block>(client.POST("/api/blocks", { body: given })),
  changeBlock: (seen: Block, given: Partial<BlockGiven>) =>
    told<Block>(
      client.PATCH("/api/blocks/{id}", {
        params: { path: { id: seen.id } },
        body: { lock_version: seen.lock_version, ...given },
      }),
    ),
  stamps: async () => (await told<{ stamps: Stamp[] }>(client.GET("/api/stamps"))).stamps,
  readBlock: (svg: string) => told<ReadBlock>(client.POST("/api/blocks/read", { body: { svg } })),
  places: () => told<Places>(client.GET("/api/places")),
  keepPlaces: (seen: Places, places: Place[] | null) =>
    told<Maker>(client.PATCH("/api/maker", { body: { lock_version: seen.lock_version, places } })),
  addCounted: async (projectId: number, units: UnitChanges[], times: number, there?: "set" | "beside") =>
    (
      await told<{ units: Unit[] }>(
        client.POST("/api/projects/{id}/units/counted", {
          params: { path: { id: projectId } },
          body: { units, times, there },
        }),
      )
    ).units,
  share: async (setting: KeptQuilt["setting"], counts: number[]) =>
    (await told<{ counts: number[] }>(client.POST("/api/share", { body: { setting, counts } }))).counts,
  fit: (document: Document) => told<Fit>(client.POST("/api/fit", { body: document })),
  removeBlock: (seen: Block) =>
    told<null>(
      client.DELETE("/api/blocks/{id}", {
        params: { path: { id: seen.id }, query: { lock_version: seen.lock_version } },
      }),
    ),
  takeApart: (picture: Document, signal: AbortSignal) =>
    told<Job>(client.POST("/api/jobs/take-apart", { body: picture, signal })),
  readIn: (file: unknown, clash: Clash) =>
    told<Job>(client.POST("/api/jobs/read-in", { params: { query: { clash } }, body: file as Document })),
  job: (id: number, signal?: AbortSignal) =>
    told<Job>(client.GET("/api/jobs/{id}", { params: { path: { id } }, signal })),
  stopJob: (id: number) => told<Job>(client.DELETE("/api/jobs/{id}", { params: { path: { id } } })),
  sizes: (document: Document, signal: AbortSignal) =>
    told<{ ladder: Ladder }>(client.POST("/api/sizes", { body: document, signal })),
  quilt: (id: number, quilt: KeptQuilt, signal: AbortSignal) =>
    told<QuiltAnswer>(
      client.POST("/api/projects/{id}/quilt", { params: { path: { id } }, body: quilt, signal }),
    ),
  keepQuilt: (seen: { id: number; lock_version: number }, quilt: KeptQuilt) =>
    told<ProjectRow>(
      client.PATCH("/api/projects/{id}", {
        params: { path: { id: seen.id } },
        body: { lock_version: seen.lock_version, quilt },
      }),
    ),
  project: (id: string) =>
    told<Project>(client.GET("/api/projects/{id}", { params: { path: { id: Number(id) } } })),
  addUnit: (projectId: number, unit: UnitChanges) =>
    told<Unit>(client.POST("/api/projects/{id}/units", { params: { path: { id: projectId } }, body: unit })),
  weigh: (document: Document, signal: AbortSignal) =>
    told<WeighAnswer>(
      client.POST("/api/weigh", { params: { query: { view: "full" } }, body: document, signal }),
    ),
  /** A method of null takes the pick back. */
  pick: (unit: Unit, method: string | null, spec: UnitDocument) =>
    told<Unit>(
      client.PUT("/api/units/{id}/pick", {
        params: { path: { id: unit.id } },
        body: { lock_version: unit.lock_version, method, unit: spec },
      }),
    ),
  changeUnit: (unit: Unit, changes: UnitChanges) =>
    told<Unit>(
      client.PATCH("/api/units/{id}", {
        params: { path: { id: unit.id } },
        body: { lock_version: unit.lock_version, ...changes },
      }),
    ),
  takeAway: (unit: Unit) =>
    told<Unit>(
      client.DELETE("/api/units/{id}", {
        params: { path: { id: unit.id }, query: { lock_version: unit.lock_version } },
      }),
    ),
  putBack: (unit: Unit) =>
    told<Unit>(
      client.POST("/api/units/{id}/back", {
        params: { path: { id: unit.id } },
        body: { lock_version: unit.lock_version },
      }),
    ),
};
