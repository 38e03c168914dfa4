/** `npm run screenshots`: renews docs/screenshots from a fresh demo workshop. */
import { spawnSync } from "node:child_process";
import { ensureBuilt } from "./build.mjs";
import { ensureChromium } from "./chromium.mjs";
import { ensureInstalled, rootFolder } from "./install.mjs";

ensureInstalled({ tools: true });
const chromium = ensureChromium();
if (!(await ensureBuilt()) || chromium === null) process.exit(1);
const { status } = spawnSync(process.execPath, ["--import", "tsx", "scripts/screenshots/take.ts"], {
  cwd: rootFolder,
  stdio: "inherit",
  env: { ...process.env, STENZ_CHROMIUM: chromium },
});
process.exit(status ?? 1);
