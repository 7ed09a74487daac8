import { api, type Asked, type Measure, reads, type Where } from "./client";

/** It never changes while the application runs. */
const FOREVER = { staleTime: Infinity };
/** It is asked anew whenever a page opens. */
const ANEW = { staleTime: 0 };

/** Everything the page reads of the server, as React Query asks it: each with its key, by the contract. */
export const read = {
  session: () => reads.queryOptions("get", "/api/session", {}, FOREVER),
  start: () => reads.queryOptions("get", "/api/start"),
  kinds: (measure: Measure = "inch") =>
    reads.queryOptions("get", "/api/kinds", { params: { query: { measure } } }, FOREVER),
  maker: () => reads.queryOptions("get", "/api/maker", {}, ANEW),
  makers: () => reads.queryOptions("get", "/api/makers", {}, { select: ({ makers }) => makers }),
  tools: () => reads.queryOptions("get", "/api/tools", {}, { select: ({ tools }) => tools }),
  usualTools: () =>
    reads.queryOptions("get", "/api/tools/usual", {}, { ...FOREVER, select: ({ tools }) => tools }),
  fabrics: () => reads.queryOptions("get", "/api/fabrics", {}, { select: ({ fabrics }) => fabrics }),
  promised: () => reads.queryOptions("get", "/api/fabrics/promised"),
  blocks: () => reads.queryOptions("get", "/api/blocks", {}, { select: ({ blocks }) => blocks }),
  stamps: () => reads.queryOptions("get", "/api/stamps", {}, { ...FOREVER, select: ({ stamps }) => stamps }),
  places: () => reads.queryOptions("get", "/api/places"),
  projects: () => reads.queryOptions("get", "/api/projects", {}, { select: ({ projects }) => projects }),
  project: (id: number | string) =>
    reads.queryOptions("get", "/api/projects/{id}", { params: { path: { id: Number(id) } } }),
  stations: (id: number) =>
    reads.queryOptions("get", "/api/projects/{id}/stations", { params: { path: { id } } }),
  home: (id: number) => reads.queryOptions("get", "/api/projects/{id}/home", { params: { path: { id } } }),
  /** Read anew where what it is weighed by is stored otherwise. */
  weighing: (id: number, asked: Asked, stored: string) => ({
    queryKey: ["weighing", id, asked, stored],
    queryFn: ({ signal }: { signal: AbortSignal }) => api.weighing(id, asked, signal),
    ...FOREVER,
    gcTime: 60_000,
  }),
  beam: (id: number, at: string | null, stored: string) => ({
    queryKey: ["beam", id, at, stored],
    queryFn: ({ signal }: { signal: AbortSignal }) => api.beam(id, at, signal),
    ...FOREVER,
  }),
  turningBySize: (id: number, from: string, to: string, asked: Asked, stored: string) => ({
    queryKey: ["turning", id, from, to, asked.count, asked.priorities, stored],
    queryFn: ({ signal }: { signal: AbortSignal }) => api.turningBySize(id, from, to, asked, signal),
    ...FOREVER,
    gcTime: 60_000,
  }),
  held: (id: number, methods: string[], asked: Asked, stored: string) => ({
    queryKey: ["held", id, methods, asked, stored],
    queryFn: ({ signal }: { signal: AbortSignal }) => api.held(id, methods, asked, signal),
    ...FOREVER,
    gcTime: 60_000,
  }),
  turningByPriorities: (id: number, asked: Asked, stored: string) => ({
    queryKey: ["turning", id, asked, stored],
    queryFn: ({ signal }: { signal: AbortSignal }) => api.turningByPriorities(id, asked, signal),
    ...FOREVER,
    gcTime: 60_000,
  }),
  drawnSteps: (unit: number, method: string, where: Where, stored: string) => ({
    queryKey: ["drawn steps", unit, method, where, stored],
    queryFn: ({ signal }: { signal: AbortSignal }) => api.drawnSteps(unit, method, where, signal),
    ...FOREVER,
    gcTime: 60_000,
  }),
  steps: (unit: number) =>
    reads.queryOptions("get", "/api/units/{id}/steps", { params: { path: { id: unit } } }),
  bookmark: (list: string) =>
    reads.queryOptions("get", "/api/bookmark", { params: { query: { list } } }, ANEW),
  line: (id: number, at: string | null, stored: string) => ({
    queryKey: ["line", id, at, stored],
    queryFn: ({ signal }: { signal: AbortSignal }) => api.line(id, at, signal),
    ...FOREVER,
  }),
  missing: (id: number) =>
    reads.queryOptions("get", "/api/projects/{id}/missing", { params: { path: { id } } }),
  shown: (word: string) => reads.queryOptions("get", "/api/shown/{word}", { params: { path: { word } } }),
  drills: () => reads.queryOptions("get", "/api/practice", {}, { select: ({ drills }) => drills }),
  questions: (id: string, seed: number) =>
    reads.queryOptions("get", "/api/practice/{id}", { params: { path: { id }, query: { seed } } }),
};

/** The key of whatever is read of any project. */
export const ANY_PROJECT = ["get", "/api/projects/{id}"];
/** The keys of what follows from whatever is saved: how far a project is. */
export const FOLLOWS = [
  ["get", "/api/projects/{id}/stations"],
  ["get", "/api/projects/{id}/home"],
];
/** The keys of what is read of everything that is kept. */
export const OF_ALL_KEPT = [ANY_PROJECT, read.promised().queryKey];
