// Saves as the page does, with its own module for sending: a name a line in, the name and how it was answered a line out.
//   node bench/page_client.mjs MODULE ADDRESS

import { createInterface } from "node:readline";

const [module, address] = process.argv.slice(2);
const { send } = await import(module);
const fetched = globalThis.fetch;
globalThis.fetch = (path, sent) => fetched(new URL(path, address), sent);

for await (const name of createInterface({ input: process.stdin })) {
  const request = new Request(new URL("/api/projects", address), { method: "POST", body: JSON.stringify({ name }) });
  const answer = await send(request).then((response) => response.status, (error) => error.status ?? String(error));
  process.stdout.write(`${name}\t${answer}\n`);
}
