/** `npm run demo`: installs and builds what is missing, makes a fresh demo workshop and serves it. */
import { rmSync } from "node:fs";
import { join } from "node:path";
import { assertFree } from "./dataFile.mjs";
import { ensureInstalled } from "./install.mjs";
import { readOptions } from "./options.mjs";
import { serve } from "./serve.mjs";

const options = readOptions();
ensureInstalled();
// Only ever this file: the maker's own data lies beside it under another name.
const dataFile = join(options.dataFolder, "demo.sqlite");
// Not from under a demo that is running: whoever holds the file would go on writing into nothing.
await assertFree(dataFile);
for (const ending of ["", "-wal", "-shm"]) rmSync(dataFile + ending, { force: true });
await serve(options, dataFile, true);
