/** The worker of the server's pool, and the process for what a thread is not enough for, built from the sources. */
import { join } from "node:path";
import { buildEntries, builtOnce } from "./builtOnce.mjs";

const ENTRIES = { pool: "app/.server/pool/worker.ts", process: "app/.server/pool/process.ts" };

/** Builds it into a built application, beside its server. */
export const buildPool = (buildFolder) => buildEntries(ENTRIES, join(buildFolder, "server"));

/** Has whatever runs the sources as they are (tests, development) find it, in `STENZ_POOL`. */
export async function setUpPool() {
  const built = await builtOnce({ name: "pool", sources: ["app", "core", "data", "formats"], entries: ENTRIES });
  process.env.STENZ_POOL = join(built, "pool.js");
}

export default setUpPool;
