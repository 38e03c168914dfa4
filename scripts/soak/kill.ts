/** `npm run soak:kill`: kills the server without warning while it writes, again and again; what it acknowledged must be there. */
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { ensureBuilt } from "../build.mjs";
import { killAgain, noKills } from "./killing.ts";
import { progressOf, soakOptions } from "./options.ts";

const options = soakOptions(1000);
if (!(await ensureBuilt())) process.exit(1);
const { at, keep } = progressOf("kill", options, noKills());
const folder = mkdtempSync(join(tmpdir(), "stenz-kill-"));
process.on("exit", () => rmSync(folder, { recursive: true, force: true }));

/** How often it is told how far it has come, kills. */
const TOLD_EVERY = 25;

const tell = () => {
  const { kinds, ...counts } = at;
  console.log(JSON.stringify({ ...counts, kindsOfAction: Object.keys(kinds).length }));
};
await killAgain({ folder, seed: options.seed, counts: at, say: console.log }, options.count, () => {
  keep();
  if (at.kills % TOLD_EVERY === 0) tell();
});
tell();
process.exitCode = at.lost + at.torn === 0 ? 0 : 1;
