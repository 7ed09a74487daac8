import { ofBench } from "./bench";
import { ApiError } from "./problem";

/** How long to wait before a save is sent again whose answer did not come, in milliseconds. */
const AGAIN = [400, 1500];
/** A server that hangs is told of after so long; a whole bench takes longer to read in. */
const patience = (path: string) => (/^\/api\/(bench|jobs\/read-in)/.test(path) ? 100_000 : 20_000);
/** What says who somebody is, and links that are told once, are never sent again by themselves. */
const APART = /^\/api\/(session|account)|\/link$/;
/** What is given up where something else is asked in the meantime. */
const GIVEN_UP = /^\/api\/(weigh|which-line|sizes|tools\/look|jobs\/take-apart)$|\/quilt$/;
/** What only asks, and changes nothing: it needs no key. */
const ASKS = /^\/api\/(fit|share|outlines|blocks\/read|bench\/look|maker\/learn)$/;

/** A save shorter than so many letters is carried on by the browser when its page is left; more than 64 KB it takes from no page. */
const OUTLIVES = 20_000;

const pause = (milliseconds: number) => new Promise((resolve) => setTimeout(resolve, milliseconds));

/** A word that nobody else has. Randomness is there wherever the page came from. */
function word(): string {
  return Array.from(crypto.getRandomValues(new Uint8Array(16)), (byte) =>
    byte.toString(16).padStart(2, "0"),
  ).join("");
}

/** Sent again where no answer came. A save has a key of its own: it is done once all the same, and answered as the first time. */
async function insist(path: string, sent: RequestInit): Promise<Response> {
  const headers = new Headers(sent.headers);
  if (!ASKS.test(path)) headers.set("idempotency-key", word());
  const keepalive = String(sent.body ?? "").length < OUTLIVES;
  const once = () =>
    fetch(ofBench(path), { ...sent, headers, keepalive, signal: AbortSignal.timeout(patience(path)) });
  for (const wait of AGAIN) {
    const response = await once().catch(() => null);
    if (response && response.status !== 503) return response;
    await pause(wait);
  }
  return once();
}

/** Sends a request: what saves is sent again by itself where its answer does not come. */
export async function send(request: Request): Promise<Response> {
  const { method, signal } = request;
  const { pathname, search } = new URL(request.url);
  const body = method === "GET" ? undefined : (await request.text()) || undefined;
  const headers: HeadersInit = body ? { "content-type": "application/json" } : {};
  const asked =
    method === "GET" || GIVEN_UP.test(pathname) || APART.test(pathname)
      ? fetch(ofBench(pathname + search), { method, body, headers, signal })
      : insist(pathname + search, { method, body, headers });
  return asked.catch((error: unknown) => {
    if (signal.aborted) throw error;
    throw new ApiError(503, "The application is not answering. Nothing was lost; it is tried again.");
  });
}
