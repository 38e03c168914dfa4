/** `npm run build`: builds the application, once for each state of its sources. */
import { spawnSync } from "node:child_process";
import { createHash } from "node:crypto";
import { existsSync, readdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { rootFolder } from "./install.mjs";
import { buildPool } from "./pool.mjs";
import { buildServiceWorker } from "./serviceWorker.mjs";

const SOURCES = ["app", "core", "data", "formats", "public"];
const SINGLE_FILES = [
  "package-lock.json",
  "react-router.config.ts",
  "scripts/builtOnce.mjs",
  "scripts/pool.mjs",
  "scripts/serviceWorker.mjs",
  "tsconfig.json",
  "vite.config.ts",
];

/** Folder of the built application. */
export const buildFolder = join(rootFolder, "build");

const stamp = join(buildFolder, ".stenz-sources-hash");

/** Builds unless the build comes from the very same sources. @returns true when the build is there. */
export async function ensureBuilt() {
  const hash = hashOfSources();
  if (existsSync(stamp) && readFileSync(stamp, "utf8") === hash) return true;
  console.error("Building (some seconds) …");
  const cli = join(rootFolder, "node_modules/@react-router/dev/bin.js");
  const { status, stdout, stderr } = spawnSync(process.execPath, [cli, "build"], {
    cwd: rootFolder,
    encoding: "utf8",
    env: { ...process.env, NODE_ENV: "production" },
  });
  if (status !== 0) {
    console.error(`${stdout}\n${stderr}`);
    return false;
  }
  await buildServiceWorker(buildFolder, hash.slice(0, 12));
  await buildPool(buildFolder);
  writeFileSync(stamp, hash);
  return true;
}

function hashOfSources() {
  const hash = createHash("sha256");
  const folders = SOURCES.flatMap((folder) =>
    readdirSync(join(rootFolder, folder), { recursive: true, withFileTypes: true })
      .filter((entry) => entry.isFile() && !entry.name.includes(".test."))
      .map((entry) => join(entry.parentPath, entry.name)),
  );
  for (const file of [...folders, ...SINGLE_FILES.map((name) => join(rootFolder, name))].sort()) {
    hash.update(file.slice(rootFolder.length)).update(readFileSync(file));
  }
  return hash.digest("hex");
}

if (process.argv[1] === fileURLToPath(import.meta.url)) process.exit((await ensureBuilt()) ? 0 : 1);
