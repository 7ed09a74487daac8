import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";

import { send, Told } from "./send";

type Sent = { path: string; key: string | null };
const ANSWER = () => new Response(JSON.stringify({ id: 1 }), { status: 201 });
const AWAY = () =>
  new Response(JSON.stringify({ title: "The database is not answering" }), {
    status: 503,
    headers: { "content-type": "application/problem+json" },
  });

/** A server that answers in turn by what is given; the last answer stands for all that follow. */
function server(...answers: (() => Response)[]): Sent[] {
  const asked: Sent[] = [];
  vi.stubGlobal("fetch", (path: string, sent: RequestInit) => {
    asked.push({ path, key: new Headers(sent.headers).get("idempotency-key") });
    const answer = answers[Math.min(asked.length, answers.length) - 1];
    if (sent.signal?.aborted) return Promise.reject(sent.signal.reason as Error);
    return Promise.resolve().then(answer);
  });
  return asked;
}

const LOST = () => {
  throw new TypeError("the answer was lost");
};
const request = (method: string, path: string, body?: unknown, signal?: AbortSignal) =>
  new Request(`http://127.0.0.1${path}`, { method, body: body ? JSON.stringify(body) : undefined, signal });
const save = (name = "Tide") => send(request("POST", "/api/projects", { name }));

describe("what is sent", () => {
  beforeEach(() => {
    vi.useFakeTimers({ toFake: ["setTimeout", "clearTimeout", "performance"] });
  });
  afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });

  it("is sent again where the server is away, a save with the key that it had", async () => {
    const asked = server(AWAY, LOST, ANSWER);
    const saved = save();
    await vi.advanceTimersByTimeAsync(1400);
    expect((await saved).status).toBe(201);
    expect(asked.map((one) => one.path)).toEqual(Array(3).fill("/api/projects"));
    expect(new Set(asked.map((one) => one.key)).size).toBe(1);
    expect(asked[0]?.key).toMatch(/^[0-9a-f]{32}$/);
  });

  it("has a key of its own each time it was answered", async () => {
    const asked = server(ANSWER);
    await save();
    await save();
    expect(new Set(asked.map((one) => one.key)).size).toBe(2);
  });

  it("is given up after its patience, and is the same save when it is sent again", async () => {
    const asked = server(LOST);
    const given = save("Reef").catch((error: Error) => error);
    await vi.advanceTimersByTimeAsync(16_000);
    expect((await given) as Error).toMatchObject({ status: 503 });
    expect(asked.length).toBeGreaterThan(10);
    const again = server(ANSWER);
    await save("Reef");
    expect(again[0]?.key).toBe(asked[0]?.key);
    await save("Shoal");
    expect(again[1]?.key).not.toBe(asked[0]?.key);
  });

  it("needs no key where it only asks", async () => {
    const asked = server(AWAY, ANSWER);
    const weighed = send(request("POST", "/api/weigh", { unit: {} }));
    await vi.advanceTimersByTimeAsync(400);
    await weighed;
    expect(asked.map((one) => one.key)).toEqual([null, null]);
  });

  it("is asked no more once it is cancelled", async () => {
    const asked = server(AWAY);
    const given = new AbortController();
    const read = send(request("GET", "/api/projects", undefined, given.signal)).catch(
      (error: Error) => error,
    );
    await vi.advanceTimersByTimeAsync(1400);
    const before = asked.length;
    given.abort();
    expect(((await read) as Error).name).toBe("AbortError");
    await vi.advanceTimersByTimeAsync(10_000);
    expect(asked.length).toBe(before);
  });

  it("signs in once only", async () => {
    const asked = server(AWAY);
    expect((await send(request("POST", "/api/session", { name: "Ada" }))).status).toBe(503);
    expect(asked).toEqual([{ path: "/api/session", key: null }]);
  });

  it("is on its way before a page that is left is gone", () => {
    const asked = server(ANSWER);
    const body = JSON.stringify({ name: "Tide" });
    void send(new Told("http://127.0.0.1/api/projects/1", { method: "PATCH", body }));
    expect(asked.length).toBe(1);
  });

  it("is refused without being sent again", async () => {
    const asked = server(() => new Response("{}", { status: 422 }));
    expect((await save()).status).toBe(422);
    expect(asked.length).toBe(1);
  });
});
