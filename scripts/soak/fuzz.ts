/** `npm run soak:fuzz`: sends generated requests and files to every address, and cases to the scripting interface. */
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { ensureBuilt } from "../build.mjs";
import { faultsOf } from "../dataFile.mjs";
import { fuzz, noRequests } from "./fuzzing.ts";
import { chanceOf, progressOf, soakOptions } from "./options.ts";
import { startFuzzed } from "./putBack.ts";

const options = soakOptions(1_000_000);
if (!(await ensureBuilt())) process.exit(1);
const { at, keep } = progressOf("fuzz", options, noRequests());
const folder = mkdtempSync(join(tmpdir(), "stenz-fuzz-"));
process.on("exit", () => rmSync(folder, { recursive: true, force: true }));
const { server, dataFile, putBack } = await startFuzzed(folder);

/** How often it is kept and told how far it has come, requests. */
const TOLD_EVERY = 10_000;

/** So many of the looks at its memory are told, evenly from the first to the last. */
const MEMORY_TOLD = 10;

const tell = () => {
  const every = Math.max(1, Math.ceil(at.memoryMb.length / MEMORY_TOLD));
  console.log(JSON.stringify({ ...at, memoryMb: at.memoryMb.filter((_mb, look) => look % every === 0) }));
};
const chance = chanceOf(options.seed + at.requests);
await fuzz({ server, putBack, counts: at, chance, say: console.log }, options.count, () => {
  if ((at.requests + at.computed) % TOLD_EVERY !== 0) return;
  keep();
  tell();
});
keep();
const alive = server.alive();
await server.stop();
const faults = await faultsOf(dataFile);
tell();
console.log(faults.length === 0 ? "The data file is whole." : faults.join("\n"));
process.exitCode = alive && faults.length === 0 && at.failed === 0 && at.computeFailed === 0 ? 0 : 1;
