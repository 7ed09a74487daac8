import type { SuccessResponseJSON } from "openapi-typescript-helpers";

import type { components, paths } from "./contract";

export type Schemas = components["schemas"];
/** What is read at an address. */
type Read<Path extends keyof paths> = paths[Path] extends { get: infer Operation }
  ? SuccessResponseJSON<Operation & Record<string | number, unknown>>
  : never;
/** What is answered to what is sent to an address. */
type Answer<Path extends keyof paths> = paths[Path] extends { post: infer Operation }
  ? SuccessResponseJSON<Operation & Record<string | number, unknown>>
  : never;
/** What is said of something, beside what the server says of it. */
type Said<Thing, Keys extends keyof Thing> = Pick<Thing, Keys>;

/** How many units, or how many of each hand. */
export type Count = Schemas["Count"];
/** A unit as the core reads and writes it: its other keys depend on its kind. */
export type UnitDocument = Schemas["UnitDocument"];
/** A kind of unit, with one to begin with. */
export type Kind = Schemas["UnitKind"];
/** One key of a document, as the core declares it: what it is called, its kind of value and its limits. */
export type Field = Schemas["Field"];
/** A form in which fabric may be there, with what is asked of it. */
export type FabricForm = Schemas["Kind"];
export type ToolKind = Schemas["ToolKind"];
/** What is said of a fabric. */
export type Fabric = Schemas["Fabric"];
/** What is seen of a fabric. */
export type FabricSeen = Said<Fabric, "id" | "name" | "colour" | "weave">;
export type FabricGiven = Omit<Fabric, "id" | "lock_version">;
/** A tool as the core reads and writes it: its other keys depend on its kind. */
export type ToolDocument = Partial<Schemas["Tool"]> & Said<Schemas["Tool"], "kind">;
export type ToolPicture = Schemas["ToolPicture"];
/** How a tool looks that is being filled in, and what its numbers would mean. */
export type ToolLook = Schemas["ToolLook"];
export type ToolReading = ToolLook["readings"][number][number];
/** A tool in the drawer. */
export type StoredTool = Schemas["StoredTool"];
/** A tool that quilters usually own. */
export type UsualTool = Read<"/api/tools/usual">["tools"][number];
export type WhichLine = Schemas["WhichLineAnswer"];
export type Laying = WhichLine["groups"][number]["layings"][number];
export type Scene = NonNullable<Laying["scene"]>;
/** What is promised of a fabric. */
export type Promised = Schemas["Promise"];
/** Which method is first as something moves. */
export type Turning = Schemas["TurningAnswer"];
export type Interval = Turning["intervals"][number];
/** A step as it is read from where one stands. */
export type BenchStep = Schemas["BenchStep"];
/** A station of a project, with what is open there. */
export type Station = Schemas["Station"];
export type Stations = Read<"/api/projects/{id}/stations">;
/** The units of a project with what was picked for them. */
export type Home = Read<"/api/projects/{id}/home">;
export type UnitAtHome = Home["units"][number];
export type Missing = Schemas["MissingTools"];
export type Question = Schemas["Question"];
export type DrillResult = Schemas["DrillResult"];
export type Drill = Read<"/api/practice">["drills"][number];
/** How areas and small differences are told. */
export type Measures = NonNullable<Schemas["WeighAnswer"]["measures"]>;
export type Measure = Schemas["Project"]["measure"];
/** Whether one has to sign in, and who is there. */
export type Session = Read<"/api/session">;
/** What is seen of a project by its link. */
export type ShownProject = Read<"/api/shown/{word}">;
/** Which bench is at hand. */
export type Standing = Read<"/api/start">;
/** Who works at the bench, as she stands in the list. */
export type MakerRow = Schemas["MakerRow"];
export type MakerGiven = Said<MakerRow, "name">;
/** What came of a table: what was ready, what was wrong, and how many were added. */
export type TakenIn = Answer<"/api/fabrics/table">;
/** What of a file is here already, by kind. */
export type Looked = Answer<"/api/bench/look">;
export type Clash = NonNullable<NonNullable<paths["/api/bench"]["post"]["parameters"]["query"]>["clash"]>;
export type Unit = Schemas["Unit"];
export type Project = Schemas["FullProject"];
/** A project as it stands in the list. */
export type ProjectRow = Schemas["Project"];
export type ProjectGiven = Said<ProjectRow, "name" | "seam_allowance" | "notes" | "measure"> & {
  /** The tools it may use; an empty list for the whole drawer. */
  tool_keys: string[];
  aside?: boolean;
};
export type Cell = Schemas["Cell"];
/** A block: what it looks like, and the units it is to be made of. */
export type Block = Schemas["Block"];
export type BlockGiven = Said<Block, "name" | "picture"> & Partial<Said<Block, "pieces" | "lines">>;
/** What can be set down on cells at once: quarters by the number of the chosen fabric. */
export type Stamp = Read<"/api/stamps">["stamps"][number];
/** A block out of a file: quarters by colour. */
export type ReadBlock = Answer<"/api/blocks/read">;
/** Hers, or the usual ones. */
export type Places = Read<"/api/places">;
/** What a quilt is made for. */
export type Place = Places["places"][number];
export type Fit = Answer<"/api/fit">;
/** Work that may take longer than a page waits. */
export type Job = Schemas["Job"];
export type Apart = Schemas["DeconstructAnswer"];
export type Way = Apart["ways"][number];
export type WayUnit = Way["units"][number];
/** A quilt as a project keeps it: which blocks, and how they are set. */
export type KeptQuilt = Schemas["Quilt"];
export type QuiltAnswer = Schemas["QuiltAnswer"];
export type Ladder = Schemas["SizesAnswer"]["ladder"];
/** What may be said of a unit; what is no number or length yet goes to the core as it was typed. */
export type UnitChanges = { label?: string; unit?: unknown; fabrics?: Record<string, number | undefined> };
export type Method = Schemas["Method"];
export type Accuracy = Schemas["Accuracy"];
/** The maker's profile as it reads, with what is assumed. */
export type Maker = Schemas["Maker"];
export type Parameter = Schemas["Parameter"];
export type Choice = Schemas["Choice"];
/** What tests of her own would teach. */
export type Learnt = Schemas["Learnt"];
/** What may be changed of her, over the version that was seen. */
export type MakerChange = Said<Maker, "lock_version"> & Partial<Said<Maker, "profile" | "priorities">>;
export type Weights = Schemas["Priorities"];
/** What a maker may set store by. */
export type Priority = Read<"/api/kinds">["priorities"][number];
export type Beam = Schemas["Beam"];
export type BeamRow = Schemas["BeamRow"];
export type Drawing = Schemas["Drawing"];
export type UnitDrawing = Schemas["UnitDrawing"];
export type StepDrawing = Schemas["StepDrawing"];
export type DrawnStep = Schemas["DrawnStep"];
export type Fence = Schemas["Fence"];
export type WeighAnswer = Schemas["WeighAnswer"];
/** One method for each unit, all together, as far as it is worked out. */
export type ChoiceJob = Schemas["ChoiceJob"];
export type Proposed = Schemas["ChooseAnswer"];
export type ChosenChange = NonNullable<Proposed["changes"]>[number];
/** The pick of a unit from what was seen to what it is to be. */
export type PickedChange =
  paths["/api/projects/{id}/picks"]["put"]["requestBody"]["content"]["application/json"]["units"][number];
/** What a choice may not go beyond, and the units whose pick stays. */
export type ChoiceAsked = NonNullable<
  paths["/api/projects/{id}/choice"]["post"]["requestBody"]
>["content"]["application/json"];
