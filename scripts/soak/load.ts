/** `npm run soak:load`: so many devices read and write for ten minutes; tells how long they wait. */
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { ensureBuilt } from "../build.mjs";
import { loadBy } from "./loading.ts";
import { soakOptions } from "./options.ts";
import { startSoaked } from "./server.ts";

/** `--count`: seconds each number of devices is at it. */
const { count: seconds, seed } = soakOptions(600);
if (!(await ensureBuilt())) process.exit(1);
const folder = mkdtempSync(join(tmpdir(), "stenz-load-"));
process.on("exit", () => rmSync(folder, { recursive: true, force: true }));
const server = await startSoaked(join(folder, "load.sqlite"), true);

/** Devices at a time, and the wait that is wanted for nineteen of twenty of their requests, ms. */
const WANTED = [
  [5, 120],
  [50, 600],
] as const;

for (const [devices, wantedMs] of WANTED) {
  const told = await loadBy(server, { devices, seconds, seed });
  console.log(JSON.stringify({ devices, seconds, ...told, wantedP95Ms: wantedMs }));
}
await server.stop();
