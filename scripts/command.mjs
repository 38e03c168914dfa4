/**
 * Runs a command of the scripting interface from a built file: `node scripts/command.mjs compute [words]`. It is built once for
 * each state of its sources: translated anew at each start, they take seconds before anything is computed.
 */
import { createHash } from "node:crypto";
import { existsSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, renameSync, rmSync, statSync } from "node:fs";
import { join } from "node:path";
import { pathToFileURL } from "node:url";
import { ensureInstalled, rootFolder } from "./install.mjs";

const COMMANDS = ["compute", "draft"];
const SOURCES = ["core", "formats", "scripts"];

const folder = join(rootFolder, ".cache", "commands");

ensureInstalled();
const [name] = process.argv.splice(2, 1);
if (!COMMANDS.includes(name)) throw new Error(`Expected one of ${COMMANDS.join(", ")}, but got ${name}.`);
const built = join(folder, stateOfSources());
if (!existsSync(built)) await buildCommands();
await import(pathToFileURL(join(built, `${name}.js`)).href);

/** Names, sizes and times of the sources and of the lock file: what they hold is read only to be built. */
function stateOfSources() {
  const hash = createHash("sha256");
  for (const folder of SOURCES)
    for (const entry of readdirSync(join(rootFolder, folder), { recursive: true })) {
      if (!/(?<!\.test)\.ts$/.test(entry)) continue;
      const { size, mtimeMs } = statSync(join(rootFolder, folder, entry));
      hash.update(`${folder}/${entry} ${size} ${mtimeMs}\n`);
    }
  return hash
    .update(readFileSync(join(rootFolder, "package-lock.json")))
    .digest("hex")
    .slice(0, 16);
}

/** Builds beside, and moves what was built there whole: another command may be building at the same moment. */
async function buildCommands() {
  const { build } = await import("vite");
  const input = Object.fromEntries(COMMANDS.map((command) => [command, join(rootFolder, "scripts", `${command}.ts`)]));
  mkdirSync(folder, { recursive: true });
  const older = readdirSync(folder).filter((one) => !one.startsWith("new-"));
  const outDir = mkdtempSync(join(folder, "new-"));
  await build({
    configFile: false,
    root: rootFolder,
    publicDir: false,
    logLevel: "error",
    // One file holds its packages too: finding each of theirs takes longer than reading it. What sets paper has fonts beside it.
    ssr: { noExternal: true, external: ["pdfkit"] },
    build: { ssr: true, outDir, emptyOutDir: true, target: "node20", rollupOptions: { input } },
  });
  for (const one of older) rmSync(join(folder, one), { recursive: true, force: true });
  try {
    renameSync(outDir, built);
  } catch (cause) {
    // Another was quicker: what it built is the same.
    rmSync(outDir, { recursive: true });
    if (!existsSync(built)) throw cause;
  }
}
