import type { Schemas } from "./types";

/** A unit that is in the project already, by another name. */
export type There = NonNullable<Schemas["Problem"]["there"]>[number];

/** What went wrong with a request, in the server's own words where it had any. */
export class ApiError extends Error {
  /** Where it is told what kinds of trouble there are; nowhere. */
  readonly type = "about:blank";

  constructor(
    readonly status: number,
    readonly title: string,
    readonly faults: { pointer: string; message: string }[] = [],
    readonly current?: unknown,
    readonly there: There[] = [],
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

/** What a server says went wrong; its status where it says nothing that can be read. */
export function problemOf(status: number, said: unknown): ApiError {
  const problem = said as Partial<Schemas["Problem"]> | undefined;
  if (!problem?.title) return new ApiError(status, `The server answered ${status}.`);
  return new ApiError(status, problem.title, problem.errors, problem.current, problem.there);
}
