/** `npm start`: serves the maker's own data file, migrated as needed, never filled with demo data. */
import { join } from "node:path";
import { ensureInstalled } from "./install.mjs";
import { readOptions } from "./options.mjs";
import { serve } from "./serve.mjs";

const options = readOptions();
ensureInstalled();
await serve(options, join(options.dataFolder, "stenz.sqlite"), false);
