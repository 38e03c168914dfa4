/** Runs a TypeScript file with the packages in place: `node scripts/run-tsx.mjs [--tools] FILE [arguments]`. */
import { spawnSync } from "node:child_process";
import { ensureInstalled, rootFolder } from "./install.mjs";

const words = process.argv.slice(2);
const tools = words[0] === "--tools";
ensureInstalled({ tools });
const { status } = spawnSync(process.execPath, ["--import", "tsx", ...words.slice(tools ? 1 : 0)], {
  cwd: process.cwd(),
  stdio: "inherit",
  env: { ...process.env, STENZ_ROOT: rootFolder },
});
process.exit(status ?? 1);
