import { asksAgain } from "./away";
import { ofBench } from "./bench";
import { ApiError, problemOf } from "./problem";

/** How long to wait before it is asked again what was not answered: at first, and then each time; milliseconds. */
const SOON = 400;
const THEN = 1000;
/** For how long a save is tried, and for how long what is only looked at, milliseconds. */
const PATIENCE = { saves: 15_000, asks: 30_000 };
/** A server that hangs is given up after so long; a whole bench takes longer to read in. */
const hangs = (path: string) => (/^\/api\/(bench|jobs\/read-in)/.test(path) ? 100_000 : 20_000);
/** What says who somebody is, and links that are told once, are never sent again by themselves. */
const APART = /^\/api\/(session|account)|\/link$/;
/** What only asks, and changes nothing, although it has a body: it needs no key. */
const ASKS =
  /^\/api\/(weigh|which-line|sizes|tools\/look|jobs\/take-apart|fit|share|outlines|blocks\/read|bench\/look|maker\/learn)$|\/quilt$/;

/** A save shorter than so many letters is carried on by the browser when its page is left; more than 64 KB it takes from no page. */
const OUTLIVES = 20_000;

/** The keys of saves that were given up without an answer: sent again word for word, it is the same save. */
const unanswered = new Map<string, string>();

const afterSaves = new Set<() => void>();

/** Whenever something was saved, whatever it was: the page may show what follows from it. */
export function afterSave(then: () => void): () => void {
  afterSaves.add(then);
  return () => void afterSaves.delete(then);
}

type Sent = { method: string; path: string; body: string | undefined; signal: AbortSignal };

/** A word that nobody else has. Randomness is there wherever the page came from. */
function word(): string {
  return Array.from(crypto.getRandomValues(new Uint8Array(16)), (byte) =>
    byte.toString(16).padStart(2, "0"),
  ).join("");
}

function pause(milliseconds: number, signal: AbortSignal) {
  return new Promise<void>((resolve, reject) => {
    const given = () => (clearTimeout(timer), reject(signal.reason as Error));
    const timer = setTimeout(() => {
      signal.removeEventListener("abort", given);
      resolve();
    }, milliseconds);
    signal.addEventListener("abort", given, { once: true });
  });
}

async function once({ method, path, body, signal }: Sent, key: string | null): Promise<Response> {
  const headers = new Headers(body ? { "content-type": "application/json" } : {});
  if (key) headers.set("idempotency-key", key);
  const keepalive = key !== null && (body ?? "").length < OUTLIVES;
  const given = AbortSignal.any([signal, AbortSignal.timeout(hangs(path))]);
  return fetch(ofBench(path), { method, body, headers, keepalive, signal: given });
}

/** Why it is asked again; nothing where it was answered. */
async function whyAgain(response: Response | null): Promise<ApiError | null> {
  if (!response) return new ApiError(503, "The application is not answering. Nothing was lost.");
  if (response.status !== 503) return null;
  return problemOf(
    503,
    await response
      .clone()
      .json()
      .catch(() => undefined),
  );
}

/** Asked again until it is answered, or for as long as there is patience: the one place where anything is sent again. */
async function insist(sent: Sent, key: string | null): Promise<Response> {
  const until = performance.now() + (key ? PATIENCE.saves : PATIENCE.asks);
  const saying = asksAgain();
  try {
    for (let wait = SOON; ; wait = THEN) {
      const response = await once(sent, key).catch(() => null);
      sent.signal.throwIfAborted();
      const why = await whyAgain(response);
      if (response && (!why || performance.now() + wait > until)) return response;
      if (why && performance.now() + wait > until) throw why;
      saying.tell(why);
      await pause(wait, sent.signal);
    }
  } finally {
    saying.end();
  }
}

/** A save has a key of its own: however often it is sent, it is done once, and answered as the first time. */
async function save(sent: Sent): Promise<Response> {
  const words = [sent.method, ofBench(sent.path), sent.body].join(" ");
  const key = unanswered.get(words) ?? word();
  unanswered.delete(words);
  const response = await insist(sent, key).catch((error: unknown) => {
    unanswered.set(words, key);
    throw error;
  });
  if (response.status === 503) unanswered.set(words, key);
  if (response.ok) afterSaves.forEach((then) => then());
  return response;
}

/** A request whose body is at hand at once: a page that is being left does not wait until it is read. */
export class Told extends Request {
  readonly told: string | undefined;

  constructor(input: RequestInfo | URL, init?: RequestInit) {
    super(input, init);
    this.told = typeof init?.body === "string" ? init.body : undefined;
  }
}

/** Sends a request, again and again where its answer does not come. */
export async function send(request: Request): Promise<Response> {
  const { method, signal } = request;
  const { pathname, search } = new URL(request.url);
  const body = request instanceof Told ? request.told : (await request.text()) || undefined;
  const sent = { method, path: pathname + search, body, signal };
  if (method === "GET" || ASKS.test(pathname)) return insist(sent, null);
  if (!APART.test(pathname)) return save(sent);
  return once(sent, null).catch(() => {
    throw new ApiError(503, "The application is not answering. Nothing was lost: try again.");
  });
}
