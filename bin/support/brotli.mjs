// Packs scripts and styles by Brotli, as small as it makes them: node bin/support/brotli.mjs FOLDER

import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { brotliCompressSync, constants } from "node:zlib";

const [folder] = process.argv.slice(2);
const params = { [constants.BROTLI_PARAM_QUALITY]: constants.BROTLI_MAX_QUALITY };
for (const name of readdirSync(folder).filter((one) => /\.(js|css)$/.test(one))) {
  const path = join(folder, name);
  writeFileSync(`${path}.br`, brotliCompressSync(readFileSync(path), { params }));
}
