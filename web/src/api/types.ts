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
  units: {
    label: string;
    title: string;
    unit: UnitDocument;
    fabrics: Record<string, number>;
    method: string | null;
  }[];
  quilt: { finished: string[]; blocks: number; drawing?: QuiltAnswer["drawing"] } | null;
  fabrics: Fabric[];
};
/** Which bench is at hand. */
export type Standing = {
  chosen: boolean;
  demo: boolean;
  has_own: boolean;
  maker_id: number;
  name: string;
  project_id: number | null;
};
/** Who works at the bench, as she stands in the list. */
export type MakerRow = Schemas["MakerRow"];
export type MakerGiven = { name: string };
/** What came of a table: what was ready, what was wrong, and how many were added. */
export type TakenIn = {
  ready: string[];
  faults: { line: number; column: string; say: string }[];
  more: number;
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
  batting?: { fusible: boolean };
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
