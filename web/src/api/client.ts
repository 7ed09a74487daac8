import createClient from "openapi-fetch";
import createQueries from "openapi-react-query";

import type { paths } from "./contract";
import { problemOf } from "./problem";
import { send, Told } from "./send";
import type {
  BlockGiven,
  ChoiceAsked,
  Clash,
  FabricGiven,
  KeptQuilt,
  MakerChange,
  MakerGiven,
  PickedChange,
  Place,
  Places,
  ProjectGiven,
  ToolDocument,
  UnitChanges,
  UnitDocument,
} from "./types";

export * from "./problem";
export * from "./types";

const client = createClient<paths>({ baseUrl: globalThis.location?.origin, fetch: send, Request: Told });
client.use({
  // What went wrong is thrown as the server said it.
  onResponse: async ({ response }) => {
    if (!response.ok) throw problemOf(response.status, await response.json().catch(() => undefined));
  },
});

/** Reads by the contract, for React Query. */
export const reads = createQueries(client);

/** Whatever the core is asked: it reads it, and says what is wrong with it. */
export type Document = Record<string, unknown>;

/** What was answered. */
async function told<Data>(asked: Promise<{ data?: Data; response: Response }>): Promise<Data> {
  const { data, response } = await asked;
  if (data === undefined) throw problemOf(response.status, undefined);
  return data;
}

/** What is removed for good answers nothing. */
async function gone(asked: Promise<unknown>): Promise<null> {
  await asked;
  return null;
}

/** What may stand otherwise than is stored: the size at the fence, how many, and what matters. */
export type Asked = Where & {
  priorities: Record<string, string> | undefined;
};

/** Where the fence stands, and how many are wanted. */
export type Where = { at: string | null; count: { count?: string; left?: string; right?: string } };

/** What is kept with a version, so that nothing is saved over what another window saved. */
export type Versioned = { id: number; lock_version: number };

export const api = {
  show: (id: number) => told(client.POST("/api/projects/{id}/link", { params: { path: { id } } })),
  showNoMore: (id: number) => told(client.DELETE("/api/projects/{id}/link", { params: { path: { id } } })),
  signIn: (given: { name: string; passphrase: string }) => told(client.POST("/api/session", { body: given })),
  signOut: (everywhere: boolean) =>
    told(
      client.DELETE("/api/session", { params: { query: { everywhere: everywhere ? "yes" : undefined } } }),
    ),
  signUp: (given: { code: string; name: string; passphrase: string }) =>
    told(client.POST("/api/accounts", { body: given })),
  resetPassphrase: (given: { code: string; passphrase: string }) =>
    told(client.POST("/api/accounts/reset", { body: given })),
  invite: () => told(client.POST("/api/account/invitations")),
  endAccount: (passphrase: string) => told(client.POST("/api/account/end", { body: { passphrase } })),
  learn: (measured: unknown[]) => told(client.POST("/api/maker/learn", { body: { measured } })),
  changeMaker: (changes: MakerChange) => told(client.PATCH("/api/maker", { body: changes })),
  comeTo: (bench: "demo" | "own") => told(client.POST("/api/start", { body: { bench } })),
  comeToMaker: (maker: number) => told(client.POST("/api/start", { body: { maker } })),
  addMaker: (given: MakerGiven) => told(client.POST("/api/makers", { body: given })),
  renameMaker: ({ id, lock_version }: Versioned, { name }: MakerGiven) =>
    told(client.PATCH("/api/makers/{id}", { params: { path: { id } }, body: { name, lock_version } })),
  removeMaker: ({ id, lock_version }: Versioned) =>
    told(client.DELETE("/api/makers/{id}", { params: { path: { id }, query: { lock_version } } })),
  putMakerBack: ({ id, lock_version }: Versioned) =>
    told(client.POST("/api/makers/{id}/back", { params: { path: { id } }, body: { lock_version } })),
  whichLine: (document: Document, signal?: AbortSignal) =>
    told(client.POST("/api/which-line", { body: document, signal })),
  keepDrill: (drill: string, right: number, asked: number) =>
    told(client.POST("/api/practice/{id}", { params: { path: { id: drill } }, body: { right, asked } })),
  readOutline: (svg: string) => told(client.POST("/api/outlines", { body: { svg } })),
  readTable: (of: "fabrics" | "tools", csv: string, confirmed: boolean) =>
    told(
      client.POST(of === "tools" ? "/api/tools/table" : "/api/fabrics/table", { body: { csv, confirmed } }),
    ),
  addFabric: (given: FabricGiven) => told(client.POST("/api/fabrics", { body: given })),
  changeFabric: (seen: Versioned, given: FabricGiven) =>
    told(
      client.PATCH("/api/fabrics/{id}", {
        params: { path: { id: seen.id } },
        body: { lock_version: seen.lock_version, ...given },
      }),
    ),
  removeFabric: (seen: Versioned) =>
    gone(
      client.DELETE("/api/fabrics/{id}", {
        params: { path: { id: seen.id }, query: { lock_version: seen.lock_version } },
      }),
    ),
  look: (tool: ToolDocument, signal: AbortSignal) =>
    told(client.POST("/api/tools/look", { body: { tool }, signal })),
  retireTool: (seen: Versioned, retired: boolean) =>
    told(
      client.PATCH("/api/tools/{id}", {
        params: { path: { id: seen.id } },
        body: { lock_version: seen.lock_version, retired },
      }),
    ),
  addTool: (tool: ToolDocument) => told(client.POST("/api/tools", { body: { tool } })),
  changeTool: (seen: Versioned, tool: ToolDocument) =>
    told(
      client.PATCH("/api/tools/{id}", {
        params: { path: { id: seen.id } },
        body: { lock_version: seen.lock_version, tool },
      }),
    ),
  removeTool: (seen: Versioned) =>
    gone(
      client.DELETE("/api/tools/{id}", {
        params: { path: { id: seen.id }, query: { lock_version: seen.lock_version } },
      }),
    ),
  addProject: (given: ProjectGiven) =>
    told(client.POST("/api/projects", { body: { ...given, aside: undefined } })),
  changeProject: (seen: Versioned, given: ProjectGiven) =>
    told(
      client.PATCH("/api/projects/{id}", {
        params: { path: { id: seen.id } },
        body: { lock_version: seen.lock_version, ...given },
      }),
    ),
  copyProject: (seen: Versioned, name: string) =>
    told(client.POST("/api/projects/{id}/copy", { params: { path: { id: seen.id } }, body: { name } })),
  removeProject: (seen: Versioned) =>
    told(
      client.DELETE("/api/projects/{id}", {
        params: { path: { id: seen.id }, query: { lock_version: seen.lock_version } },
      }),
    ),
  putProjectBack: (seen: Versioned) =>
    told(
      client.POST("/api/projects/{id}/back", {
        params: { path: { id: seen.id } },
        body: { lock_version: seen.lock_version },
      }),
    ),
  lookAtBench: (file: Document) => told(client.POST("/api/bench/look", { body: file })),
  readBench: (file: Document, clash: Clash = "both") =>
    told(client.POST("/api/bench", { params: { query: { clash } }, body: file })),
  addBlock: (given: BlockGiven) => told(client.POST("/api/blocks", { body: given })),
  changeBlock: (seen: Versioned, given: Partial<BlockGiven>) =>
    told(
      client.PATCH("/api/blocks/{id}", {
        params: { path: { id: seen.id } },
        body: { lock_version: seen.lock_version, ...given },
      }),
    ),
  readBlock: (svg: string) => told(client.POST("/api/blocks/read", { body: { svg } })),
  keepPlaces: (seen: Places, places: Place[] | null) =>
    told(client.PATCH("/api/maker", { body: { lock_version: seen.lock_version, places } })),
  addCounted: async (projectId: number, units: UnitChanges[], times: number, there?: "set" | "beside") =>
    (
      await told(
        client.POST("/api/projects/{id}/units/counted", {
          params: { path: { id: projectId } },
          body: { units, times, there },
        }),
      )
    ).units,
  share: async (setting: KeptQuilt["setting"], counts: number[]) =>
    (await told(client.POST("/api/share", { body: { setting, counts } }))).counts,
  fit: (document: Document) => told(client.POST("/api/fit", { body: document })),
  removeBlock: (seen: Versioned) =>
    gone(
      client.DELETE("/api/blocks/{id}", {
        params: { path: { id: seen.id }, query: { lock_version: seen.lock_version } },
      }),
    ),
  takeApart: (picture: Document, signal: AbortSignal) =>
    told(client.POST("/api/jobs/take-apart", { body: picture, signal })),
  choice: (id: number, asked: ChoiceAsked, signal: AbortSignal) =>
    told(client.POST("/api/projects/{id}/choice", { params: { path: { id } }, body: asked, signal })),
  choiceJob: (id: number, signal?: AbortSignal) =>
    told(client.GET("/api/choices/{id}", { params: { path: { id } }, signal })),
  /** What picks come to, by the unit's id. */
  together: (id: number, picks: Record<string, string>, signal: AbortSignal) =>
    told(client.POST("/api/projects/{id}/together", { params: { path: { id } }, body: { picks }, signal })),
  pickAll: (id: number, units: PickedChange[]) =>
    told(client.PUT("/api/projects/{id}/picks", { params: { path: { id } }, body: { units } })),
  readIn: (file: Document, clash: Clash) =>
    told(client.POST("/api/jobs/read-in", { params: { query: { clash } }, body: file })),
  job: (id: number, signal?: AbortSignal) =>
    told(client.GET("/api/jobs/{id}", { params: { path: { id } }, signal })),
  stopJob: (id: number) => told(client.DELETE("/api/jobs/{id}", { params: { path: { id } } })),
  sizes: (document: Document, signal: AbortSignal) =>
    told(client.POST("/api/sizes", { body: document, signal })),
  quilt: (id: number, quilt: KeptQuilt, signal: AbortSignal) =>
    told(client.POST("/api/projects/{id}/quilt", { params: { path: { id } }, body: quilt, signal })),
  keepQuilt: (seen: Versioned, quilt: KeptQuilt) =>
    told(
      client.PATCH("/api/projects/{id}", {
        params: { path: { id: seen.id } },
        body: { lock_version: seen.lock_version, quilt },
      }),
    ),
  addUnit: (projectId: number, unit: UnitChanges) =>
    told(client.POST("/api/projects/{id}/units", { params: { path: { id: projectId } }, body: unit })),
  weighing: (id: number, { at, count, priorities }: Asked, signal: AbortSignal) =>
    told(
      client.GET("/api/units/{id}/weighing", {
        params: { path: { id }, query: { at: at ?? undefined, ...count, priorities, view: "fence" } },
        signal,
      }),
    ),
  beam: (id: number, at: string | null, signal: AbortSignal) =>
    told(
      client.GET("/api/units/{id}/beam", {
        params: { path: { id }, query: { at: at ?? undefined } },
        signal,
      }),
    ),
  turningBySize: (id: number, from: string, to: string, { count, priorities }: Asked, signal: AbortSignal) =>
    told(
      client.GET("/api/units/{id}/turning", {
        params: { path: { id }, query: { from, to, ...count, priorities } },
        signal,
      }),
    ),
  drawnSteps: (id: number, method: string, { at, count }: Where, signal: AbortSignal) =>
    told(
      client.GET("/api/units/{id}/steps/drawn", {
        params: { path: { id }, query: { method, ...count, ...(at !== null && { at }) } },
        signal,
      }),
    ),
  held: (id: number, methods: string[], { at, count, priorities }: Asked, signal: AbortSignal) =>
    told(
      client.GET("/api/units/{id}/held", {
        params: {
          path: { id },
          query: { methods: methods.join(","), at: at ?? undefined, ...count, priorities },
        },
        signal,
      }),
    ),
  turningByPriorities: (id: number, { at, count, priorities }: Asked, signal: AbortSignal) =>
    told(
      client.GET("/api/units/{id}/turning/priorities", {
        params: { path: { id }, query: { at: at ?? undefined, ...count, priorities } },
        signal,
      }),
    ),
  bookmark: (list: string) => told(client.GET("/api/bookmark", { params: { query: { list } } })),
  putBookmark: (list: string, step: number) => told(client.PUT("/api/bookmark", { body: { list, step } })),
  line: (id: number, at: string | null, signal: AbortSignal) =>
    told(
      client.GET("/api/units/{id}/line", {
        params: { path: { id }, query: { at: at ?? undefined } },
        signal,
      }),
    ),
  /** A method of null takes the pick back. */
  pick: (unit: Versioned, method: string | null, spec: UnitDocument) =>
    told(
      client.PUT("/api/units/{id}/pick", {
        params: { path: { id: unit.id } },
        body: { lock_version: unit.lock_version, method, unit: spec },
      }),
    ),
  changeUnit: (unit: Versioned, changes: UnitChanges) =>
    told(
      client.PATCH("/api/units/{id}", {
        params: { path: { id: unit.id } },
        body: { lock_version: unit.lock_version, ...changes },
      }),
    ),
  takeAway: (unit: Versioned) =>
    told(
      client.DELETE("/api/units/{id}", {
        params: { path: { id: unit.id }, query: { lock_version: unit.lock_version } },
      }),
    ),
  putBack: (unit: Versioned) =>
    told(
      client.POST("/api/units/{id}/back", {
        params: { path: { id: unit.id } },
        body: { lock_version: unit.lock_version },
      }),
    ),
};
