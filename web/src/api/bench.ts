/** Every window says by its address whose bench it works at: /makers/12/projects. */
const ADDRESS = /^\/makers\/\d+(?=\/|$)/;
/** What is asked of no bench, but of whoever is there. */
const NOBODYS = /^\/api\/(session|accounts?|shown|makers)(\/|$)/;

let bench = ADDRESS.exec(globalThis.location?.pathname ?? "")?.[0] ?? "";

/** Where the pages of this window's bench begin; empty where it is nobody's. */
export function benchAddress(): string {
  return bench;
}

/** What is asked from here on is asked of another maker's bench. */
export function askAt(makerId: number): string {
  bench = `/makers/${makerId}`;
  return bench;
}

/** An address of the server's, as it is asked of this window's bench. */
export function ofBench(path: string): string {
  return NOBODYS.test(path) ? path : path.replace(/^\/api/, `/api${bench}`);
}
