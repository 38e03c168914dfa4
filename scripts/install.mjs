/** Installs the packages of the lock file, once for each state of that file. */
import { spawnSync } from "node:child_process";
import { createHash } from "node:crypto";
import { existsSync, readFileSync, writeFileSync } from "node:fs";
import { dirname, join } from "node:path";
import { fileURLToPath } from "node:url";

/** Folder of the repository. */
export const rootFolder = dirname(dirname(fileURLToPath(import.meta.url)));

const stamp = join(rootFolder, "node_modules", ".stenz-lock-hash");

/**
 * Runs `npm ci` unless the installed packages already come from this lock file: what the application is built with and runs
 * with, and for `tools` also what it is checked and worked on with. Output goes to standard error.
 */
export function ensureInstalled({ tools = false } = {}) {
  const hash = createHash("sha256")
    .update(readFileSync(join(rootFolder, "package-lock.json")))
    .digest("hex");
  const [there, more] = existsSync(stamp) ? readFileSync(stamp, "utf8").split(" ") : [];
  if (there === hash && (more === "tools" || !tools)) return;
  // Who has worked on it goes on to: what a newer lock file asks for is installed whole.
  const whole = tools || more === "tools";
  console.error("Installing packages from the lock file (a few minutes the first time) …");
  const { status } = spawnSync("npm", ["ci", `--${whole ? "include" : "omit"}=dev`, "--no-audit", "--no-fund"], {
    cwd: rootFolder,
    stdio: ["ignore", process.stderr, process.stderr],
    shell: process.platform === "win32",
  });
  if (status !== 0) {
    console.error("The packages could not be installed. npm said why above; Stenz needs Node 20.19 or newer and npm.");
    process.exit(1);
  }
  writeFileSync(stamp, whole ? `${hash} tools` : hash);
}
