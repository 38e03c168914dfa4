/** Runs a TypeScript file with the packages in place: `node scripts/run-tsx.mjs FILE [arguments]`. */
import { spawnSync } from "node:child_process";
import { ensureInstalled, rootFolder } from "./install.mjs";

ensureInstalled();
const { status } = spawnSync(process.execPath, ["--import", "tsx", ...process.argv.slice(2)], {
  cwd: process.cwd(),
  stdio: "inherit",
  env: { ...process.env, STENZ_ROOT: rootFolder },
});
process.exit(status ?? 1);
