import type { components } from "./contract";

export type Schemas = components["schemas"];
/** How many units, or how many of each hand. */
export type Count = number | { left: number; right: number };
/** A unit as the core reads and writes it: its other keys depend on its kind. */
export type UnitDocument = { kind: string; finished?: string | string[]; count: Count };
/** A kind of unit, with one to begin with. */
export type Kind = Omit<Schemas["UnitKind"], "starter" | "fields"> & {
  starter: UnitDocument & Record<string, unknown>;
  fields: Field[];
};
/** One key of a document, as the core declares it: what it is called, its kind of value and its limits. */
export type Field = Omit<Schemas["Field"], "options" | "fields" | "of" | "default" | "least" | "most"> & {
  options?: { value: unknown; label: string }[];
  fields?: Field[];
  /** What a list or a mapping is of: a field without words of its own. */
  of?: Field;
  default?: unknown;
};
/** A form in which fabric may be there, with what is asked of it. */
export type FabricForm = { kind: string; title: string; fields: Field[] };
/** What is said of a fabric. */
export type FabricGiven = Omit<Fabric, "id" | "lock_version">;
/** A kind of tool, with what is asked of one. */
export type ToolKind = { kind: string; title: string; group: string; fields: Field[] };
/** A tool as the core reads and writes it: its other keys depend on its kind. */
export type ToolDocument = { kind: string; id?: string; name?: string };
export type ToolPicture = Schemas["ToolPicture"];
/** How a tool looks that is being filled in, and what its numbers would mean. */
export type ToolLook = Schemas["ToolLook"];
export type ToolReading = ToolLook["readings"][number][number];
/** A tool in the drawer. */
export type StoredTool = {
  id: number;
  lock_version: number;
  tool: { kind: string; id: string; name: string };
  retired: boolean;
  picture: ToolPicture | null;
};
/** A tool that quilters usually own. */
export type UsualTool = { tool: { kind: string; id: string; name: string }; picture: ToolPicture | null };
export type WhichLine = Schemas["WhichLineAnswer"];
export type Laying = WhichLine["groups"][number]["layings"][number];
export type Scene = NonNullable<Laying["scene"]>;
/** What is promised of a fabric. */
export type Promised = Schemas["Promise"];
export type Missing = Schemas["MissingTools"];
export type Question = Schemas["Question"];
export type DrillResult = Schemas["DrillResult"];
export type Drill = { drill: string; title: string; results: DrillResult[] };
/** How areas and small differences are told. */
export type Measures = NonNullable<Schemas["WeighAnswer"]["measures"]>;
export type Measure = Schemas["Project"]["measure"];
/** Whether one has to sign in, and who is there. */
export type Session = { required: boolean; name: string | null };
/** What is seen of a project by its link. */
export type ShownProject = {
  name: string;
  units: { label: string; unit: UnitDocument; fabrics: Record<string, number>; method: string | null }[];
  quilt: { finished: string[]; blocks: number; drawing?: QuiltAnswer["drawing"] } | null;
  fabrics: Fabric[];
};
/** Which bench is at hand. */
export type Standing = { chosen: boolean; demo: boolean; has_own: boolean; project_id: number | null };
/** What came of a table: what was ready, what was wrong, and how many were added. */
export type TakenIn = {
  ready: string[];
  faults: { line: number; column: string; say: string }[];
  added: number;
};
/** What of a file is here already, by kind. */
export type Looked = Record<
  "tools" | "fabrics" | "blocks" | "projects",
  Record<"new" | "same" | "other", string[]>
>;
export type Clash = "both" | "mine" | "theirs";
type Pick = Omit<Schemas["Pick"], "unit"> & { unit: UnitDocument };
export type Unit = Omit<Schemas["Unit"], "unit" | "pick"> & { unit: UnitDocument; pick: Pick | null };
export type Project = Omit<Schemas["FullProject"], "units"> & { units: Unit[] };
/** A project as it stands in the list. */
export type ProjectRow = Schemas["Project"];
export type ProjectGiven = {
  name: string;
  seam_allowance: string;
  notes: string;
  measure: Measure;
  /** The tools it may use; an empty list for the whole drawer. */
  tool_keys: string[];
  aside?: boolean;
};
export type Cell = Schemas["Cell"];
/** A block: what it looks like, and the units it is to be made of. */
export type Block = Schemas["Block"];
export type BlockGiven = {
  name: string;
  picture: Block["picture"];
  pieces?: Block["pieces"];
  lines?: Block["lines"];
};
/** What can be set down on cells at once: quarters by the number of the chosen fabric. */
export type Stamp = { name: string; cells: number[][][] };
/** A block out of a file: quarters by colour. */
export type ReadBlock = { grid: number[]; cells: string[][][]; colours: string[]; left_aside: string[] };
/** What a quilt is made for. */
export type Place = { name: string; width: string; length: string; drop: string };
/** Hers, or the usual ones. */
export type Places = { places: Place[]; usual: boolean; lock_version: number };
export type Fit = { across: number | null; down: number | null; wanted: string[]; finished: string[] | null };
/** Work that may take longer than a page waits. */
export type Job = Schemas["Job"];
export type Apart = Schemas["DeconstructAnswer"];
export type Way = Apart["ways"][number];
export type WayUnit = Way["units"][number];
/** A quilt as a project keeps it: which blocks, and how they are set. */
export type KeptQuilt = {
  blocks: { id: number; count?: number }[];
  setting: {
    layout: "straight" | "on_point";
    across: number;
    down: number;
    sashing?: string;
    cornerstones?: boolean;
    outer?: boolean;
    borders?: { width: string; corners?: "butted" | "mitred"; fabric?: string }[];
    fabrics?: Partial<Record<"sashing" | "cornerstones" | "triangles", string>>;
  };
  binding?: { strip?: string; fabric?: string };
  backing?: { fabric?: string };
  /** The same in other fabrics: of each fabric that has another in its place, which. */
  colourways?: Record<string, string>[];
};
export type QuiltAnswer = Schemas["QuiltAnswer"];
export type Ladder = Schemas["SizesAnswer"]["ladder"];
/** What may be said of a unit; what is no number or length yet goes to the core as it was typed. */
export type UnitChanges = { label?: string; unit?: unknown; fabrics?: Record<string, number | undefined> };
export type Fabric = Schemas["Fabric"];
export type Method = Schemas["Method"];
export type Accuracy = Schemas["Accuracy"];
/** The maker's profile as it reads, with what is assumed. */
export type Maker = Schemas["Maker"];
export type Parameter = Schemas["Parameter"];
export type Choice = Schemas["Choice"];
/** What tests of her own would teach. */
export type Learnt = Schemas["Learnt"];
/** What may be changed of her, over the version that was seen. */
export type MakerChange = {
  lock_version: number;
  profile?: Maker["profile"];
  priorities?: Maker["priorities"];
};
export type Weights = Schemas["Priorities"];
/** What a maker may set store by. */
export type Priority = { name: keyof Weights; title: string };
export type Beam = Schemas["Beam"];
export type BeamRow = Schemas["BeamRow"];
export type Drawing = Schemas["Drawing"];
export type UnitDrawing = Schemas["UnitDrawing"];
export type WeighAnswer = Omit<Schemas["WeighAnswer"], "unit"> & { unit: UnitDocument };

/** What went wrong with a request, in the server's own words where it had any. */
export class ApiError extends Error {
  constructor(
    readonly status: number,
    title: string,
    readonly faults: { pointer: string; message: string }[] = [],
    readonly current?: unknown,
  ) {
    super(title);
  }

  /** What is wrong with one field of what was sent. */
  at(pointer: string): string | undefined {
    return this.faults.find((fault) => fault.pointer === pointer)?.message;
  }

  /** The first thing that is wrong with whatever a pattern of pointers covers. */
  matching(pointer: RegExp): string | undefined {
    return this.faults.find((fault) => pointer.test(fault.pointer))?.message;
  }
}

/** Whether asking again may help: the server or its database was away. */
export function worthRetrying(failures: number, error: Error): boolean {
  return failures < 30 && (!(error instanceof ApiError) || error.status === 503);
}

async function problemOf(response: Response): Promise<ApiError> {
  const fallback = `The server answered ${response.status}.`;
  try {
    const problem = (await response.json()) as Schemas["Problem"];
    return new ApiError(response.status, problem.title, problem.errors, problem.current);
  } catch {
    return new ApiError(response.status, fallback);
  }
}

/** How long to wait before a save is sent again whose answer did not come, in milliseconds. */
const AGAIN = [400, 1500];
/** A server that hangs is told of after so long; a whole bench takes longer to read in. */
const patience = (path: string) => (path.startsWith("/api/bench") ? 100_000 : 20_000);
/** What says who somebody is, and links that are told once, are never sent again by themselves. */
const APART = /^\/api\/(session|account)|\/link$/;

const pause = (milliseconds: number) => new Promise((resolve) => setTimeout(resolve, milliseconds));

/** A word that nobody else has. Randomness is there wherever the page came from. */
function word(): string {
  return Array.from(crypto.getRandomValues(new Uint8Array(16)), (byte) =>
    byte.toString(16).padStart(2, "0"),
  ).join("");
}

/** A save has a key of its own: sent again, it is done once all the same, and answered as it was the first time. */
async function save(path: string, sent: RequestInit): Promise<Response> {
  const headers = { ...sent.headers, "idempotency-key": word() };
  const send = () => fetch(path, { ...sent, headers, signal: AbortSignal.timeout(patience(path)) });
  for (const wait of AGAIN) {
    const response = await send().catch(() => null);
    if (response && response.status !== 503) return response;
    await pause(wait);
  }
  return send();
}

async function ask<Answer>(
  method: string,
  path: string,
  body?: unknown,
  signal?: AbortSignal,
): Promise<Answer> {
  const sent: RequestInit = {
    method,
    headers: body === undefined ? {} : { "content-type": "application/json" },
    body: body === undefined ? undefined : JSON.stringify(body),
  };
  const asked =
    method === "GET" || signal || APART.test(path) ? fetch(path, { ...sent, signal }) : save(path, sent);
  const response = await asked.catch((error: unknown) => {
    if (signal?.aborted) throw error;
    throw new ApiError(503, "The application is not answering. Nothing was lost; it is tried again.");
  });
  if (!response.ok) throw await problemOf(response);
  return (response.status === 204 ? null : await response.json()) as Answer;
}

function without<Given extends object>(given: Given, key: keyof Given): Partial<Given> {
  return Object.fromEntries(Object.entries(given).filter(([name]) => name !== key)) as Partial<Given>;
}

export const api = {
  shown: (word: string) => ask<ShownProject>("GET", `/api/shown/${encodeURIComponent(word)}`),
  show: (id: number) => ask<{ path: string }>("POST", `/api/projects/${id}/link`, {}),
  showNoMore: (id: number) => ask<ProjectRow>("DELETE", `/api/projects/${id}/link`),
  session: () => ask<Session>("GET", "/api/session"),
  signIn: (told: { name: string; passphrase: string }) => ask<Session>("POST", "/api/session", told),
  signOut: (everywhere: boolean) =>
    ask<Session>("DELETE", `/api/session${everywhere ? "?everywhere=yes" : ""}`),
  signUp: (told: { code: string; name: string; passphrase: string }) =>
    ask<Session>("POST", "/api/accounts", told),
  resetPassphrase: (told: { code: string; passphrase: string }) =>
    ask<Session>("POST", "/api/accounts/reset", told),
  invite: () => ask<{ path: string }>("POST", "/api/account/invitations", {}),
  endAccount: (passphrase: string) => ask<Session>("POST", "/api/account/end", { passphrase }),
  maker: () => ask<Maker>("GET", "/api/maker"),
  learn: (measured: unknown[]) => ask<Learnt>("POST", "/api/maker/learn", { measured }),
  changeMaker: (changes: MakerChange) => ask<Maker>("PATCH", "/api/maker", changes),
  kinds: (measure: Measure = "inch") =>
    ask<{ kinds: Kind[]; tools: ToolKind[]; fabrics: FabricForm[]; priorities: Priority[] }>(
      "GET",
      `/api/kinds?measure=${measure}`,
    ),
  start: () => ask<Standing>("GET", "/api/start"),
  comeTo: (bench: "demo" | "own") => ask<Standing>("POST", "/api/start", { bench }),
  whichLine: (document: unknown, signal?: AbortSignal) =>
    ask<WhichLine>("POST", "/api/which-line", document, signal),
  promised: async () =>
    (await ask<{ promised: Record<string, Promised> }>("GET", "/api/fabrics/promised")).promised,
  missing: (projectId: number) => ask<Missing>("GET", `/api/projects/${projectId}/missing`),
  drills: async () => (await ask<{ drills: Drill[] }>("GET", "/api/practice")).drills,
  questions: async (drill: string, seed: number) =>
    (await ask<{ questions: Question[] }>("GET", `/api/practice/${drill}?seed=${seed}`)).questions,
  keepDrill: (drill: string, right: number, asked: number) =>
    ask<DrillResult>("POST", `/api/practice/${drill}`, { right, asked }),
  readOutline: (svg: string) =>
    ask<{ outline: string[][]; left_aside: string[] }>("POST", "/api/outlines", { svg }),
  readTable: (of: "fabrics" | "tools", csv: string, confirmed: boolean) =>
    ask<TakenIn>("POST", `/api/${of}/table`, { csv, confirmed }),
  fabrics: async () => (await ask<{ fabrics: Fabric[] }>("GET", "/api/fabrics")).fabrics,
  addFabric: (given: FabricGiven) => ask<Fabric>("POST", "/api/fabrics", given),
  changeFabric: (seen: Fabric, given: FabricGiven) =>
    ask<Fabric>("PATCH", `/api/fabrics/${seen.id}`, { lock_version: seen.lock_version, ...given }),
  removeFabric: (seen: Fabric) =>
    ask<null>("DELETE", `/api/fabrics/${seen.id}?lock_version=${seen.lock_version}`),
  tools: async () => (await ask<{ tools: StoredTool[] }>("GET", "/api/tools")).tools,
  usualTools: async () => (await ask<{ tools: UsualTool[] }>("GET", "/api/tools/usual")).tools,
  look: (tool: ToolDocument, signal: AbortSignal) =>
    ask<ToolLook>("POST", "/api/tools/look", { tool }, signal),
  retireTool: (seen: StoredTool, retired: boolean) =>
    ask<StoredTool>("PATCH", `/api/tools/${seen.id}`, { lock_version: seen.lock_version, retired }),
  addTool: (tool: ToolDocument) => ask<StoredTool>("POST", "/api/tools", { tool }),
  changeTool: (seen: StoredTool, tool: ToolDocument) =>
    ask<StoredTool>("PATCH", `/api/tools/${seen.id}`, { lock_version: seen.lock_version, tool }),
  removeTool: (seen: StoredTool) =>
    ask<null>("DELETE", `/api/tools/${seen.id}?lock_version=${seen.lock_version}`),
  projects: async () => (await ask<{ projects: ProjectRow[] }>("GET", "/api/projects")).projects,
  addProject: (given: ProjectGiven) => ask<ProjectRow>("POST", "/api/projects", without(given, "aside")),
  changeProject: (seen: ProjectRow, given: ProjectGiven) =>
    ask<ProjectRow>("PATCH", `/api/projects/${seen.id}`, { lock_version: seen.lock_version, ...given }),
  copyProject: (seen: ProjectRow, name: string) =>
    ask<ProjectRow>("POST", `/api/projects/${seen.id}/copy`, { name }),
  removeProject: (seen: ProjectRow) =>
    ask<ProjectRow>("DELETE", `/api/projects/${seen.id}?lock_version=${seen.lock_version}`),
  putProjectBack: (seen: ProjectRow) =>
    ask<ProjectRow>("POST", `/api/projects/${seen.id}/back`, { lock_version: seen.lock_version }),
  lookAtBench: (file: unknown) => ask<Looked>("POST", "/api/bench/look", file),
  readBench: (file: unknown, clash: Clash = "both") =>
    ask<{ projects: ProjectRow[] }>("POST", `/api/bench?clash=${clash}`, file),
  blocks: async () => (await ask<{ blocks: Block[] }>("GET", "/api/blocks")).blocks,
  addBlock: (given: BlockGiven) => ask<Block>("POST", "/api/blocks", given),
  changeBlock: (seen: Block, given: Partial<BlockGiven>) =>
    ask<Block>("PATCH", `/api/blocks/${seen.id}`, { lock_version: seen.lock_version, ...given }),
  stamps: async () => (await ask<{ stamps: Stamp[] }>("GET", "/api/stamps")).stamps,
  readBlock: (svg: string) => ask<ReadBlock>("POST", "/api/blocks/read", { svg }),
  places: () => ask<Places>("GET", "/api/places"),
  keepPlaces: (seen: Places, places: Place[] | null) =>
    ask<Maker>("PATCH", "/api/maker", { lock_version: seen.lock_version, places }),
  addCounted: async (projectId: number, units: UnitChanges[], times: number) =>
    (await ask<{ units: Unit[] }>("POST", `/api/projects/${projectId}/units/counted`, { units, times }))
      .units,
  share: async (setting: KeptQuilt["setting"], counts: number[]) =>
    (await ask<{ counts: number[] }>("POST", "/api/share", { setting, counts })).counts,
  fit: (document: unknown) => ask<Fit>("POST", "/api/fit", document),
  removeBlock: (seen: Block) =>
    ask<null>("DELETE", `/api/blocks/${seen.id}?lock_version=${seen.lock_version}`),
  takeApart: (picture: unknown, signal: AbortSignal) =>
    ask<Job>("POST", "/api/jobs/take-apart", picture, signal),
  job: (id: number, signal: AbortSignal) => ask<Job>("GET", `/api/jobs/${id}`, undefined, signal),
  stopJob: (id: number) => ask<Job>("DELETE", `/api/jobs/${id}`),
  sizes: (document: unknown, signal: AbortSignal) =>
    ask<{ ladder: Ladder }>("POST", "/api/sizes", document, signal),
  quilt: (id: number, quilt: KeptQuilt, signal: AbortSignal) =>
    ask<QuiltAnswer>("POST", `/api/projects/${id}/quilt`, quilt, signal),
  keepQuilt: (seen: { id: number; lock_version: number }, quilt: KeptQuilt) =>
    ask<ProjectRow>("PATCH", `/api/projects/${seen.id}`, { lock_version: seen.lock_version, quilt }),
  project: (id: string) => ask<Project>("GET", `/api/projects/${id}`),
  addUnit: (projectId: number, unit: UnitChanges) =>
    ask<Unit>("POST", `/api/projects/${projectId}/units`, unit),
  weigh: (document: unknown, signal: AbortSignal) =>
    ask<WeighAnswer>("POST", "/api/weigh?view=full", document, signal),
  /** A method of null takes the pick back. */
  pick: (unit: Unit, method: string | null, spec: UnitDocument) =>
    ask<Unit>("PUT", `/api/units/${unit.id}/pick`, { lock_version: unit.lock_version, method, unit: spec }),
  changeUnit: (unit: Unit, changes: UnitChanges) =>
    ask<Unit>("PATCH", `/api/units/${unit.id}`, { lock_version: unit.lock_version, ...changes }),
  takeAway: (unit: Unit) => ask<Unit>("DELETE", `/api/units/${unit.id}?lock_version=${unit.lock_version}`),
  putBack: (unit: Unit) =>
    ask<Unit>("POST", `/api/units/${unit.id}/back`, { lock_version: unit.lock_version }),
};
