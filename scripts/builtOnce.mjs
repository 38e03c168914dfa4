/** Builds parts of the sources that run outside of the application, once for each state of what they are made of. */
import { createHash } from "node:crypto";
import { existsSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, renameSync, rmSync, statSync } from "node:fs";
import { join } from "node:path";
import { rootFolder } from "./install.mjs";

/** Packages that are found beside what is built: what sets paper has fonts there, others are made for one machine. */
const OUTSIDE = ["pdfkit", "better-sqlite3", "knex", "sharp"];

/**
 * Builds entry files into a folder of their own under `.cache`, unless they are there from the very same sources.
 *
 * @param {{ name: string, sources: string[], entries: Record<string, string> }} what its folder, the folders it is made of, its entry
 *   files by the name they get (without `.js`).
 * @returns {Promise<string>} the folder they lie in.
 */
export async function builtOnce({ name, sources, entries }) {
  const folder = join(rootFolder, ".cache", name);
  const built = join(folder, stateOf(sources));
  if (existsSync(built)) return built;
  mkdirSync(folder, { recursive: true });
  const older = readdirSync(folder).filter((one) => !one.startsWith("new-"));
  // Built beside and moved there whole: another may be building at the same moment.
  const made = mkdtempSync(join(folder, "new-"));
  await buildEntries(entries, made);
  for (const one of older) rmSync(join(folder, one), { recursive: true, force: true });
  try {
    renameSync(made, built);
  } catch (cause) {
    // Another was quicker: what it built is the same.
    rmSync(made, { recursive: true });
    if (!existsSync(built)) throw cause;
  }
  return built;
}

/** Builds entry files into a folder, their packages within: finding each of those takes longer than reading it. */
export async function buildEntries(entries, outDir) {
  const { build } = await import("vite");
  const input = Object.fromEntries(Object.entries(entries).map(([name, file]) => [name, join(rootFolder, file)]));
  await build({
    configFile: false,
    root: rootFolder,
    publicDir: false,
    logLevel: "error",
    ssr: { noExternal: true, external: OUTSIDE },
    build: { ssr: true, outDir, emptyOutDir: false, target: "node20", rollupOptions: { input } },
  });
}

/** Names, sizes and times of the sources and of the lock file: what they hold is read only to be built. */
function stateOf(sources) {
  const hash = createHash("sha256");
  for (const folder of sources)
    for (const entry of readdirSync(join(rootFolder, folder), { recursive: true })) {
      if (!/(?<!\.test)\.tsx?$/.test(entry)) continue;
      const { size, mtimeMs } = statSync(join(rootFolder, folder, entry));
      hash.update(`${folder}/${entry} ${size} ${mtimeMs}\n`);
    }
  return hash
    .update(readFileSync(join(rootFolder, "package-lock.json")))
    .digest("hex")
    .slice(0, 16);
}
