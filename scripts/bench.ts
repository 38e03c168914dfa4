/**
 * `npm run bench`: prints how fast and how heavy things are; `npm run bench -- plan typing` for some of it. Figures are looked at,
 * never asserted. A group that fails or hangs is named, and takes nothing from the others.
 */
import { spawn } from "node:child_process";
import { join } from "node:path";
import { GROUPS, type Group } from "./bench/groups.ts";
import { ensureBuilt } from "./build.mjs";

const asked = process.argv.slice(2);
const unknown = asked.filter((name) => !GROUPS.some((group) => group.name === name));
if (unknown.length > 0) {
  console.error(`Expected ${GROUPS.map(({ name }) => name).join(", ")}, but got ${unknown.join(", ")}.`);
  process.exit(2);
}
if (!(await ensureBuilt())) process.exit(1);
console.log("Times on this machine, while nothing else should be running.");
const ends: string[] = [];
for (const group of GROUPS.filter(({ name }) => asked.length === 0 || asked.includes(name))) {
  console.log(`\n${group.name}: ${group.of}`);
  const end = await measured(group);
  if (end) ends.push(`${group.name}: ${end}`);
}
if (ends.length > 0) console.error(`\nNot all of it was measured.\n${ends.map((end) => `  ${end}`).join("\n")}`);
process.exit(ends.length > 0 ? 1 : 0);

/** Measures a group in a process of its own. @returns what kept it from its end; null where it came to it. */
function measured({ name, limitS }: Group): Promise<string | null> {
  return new Promise((resolve) => {
    const child = spawn(process.execPath, ["--import", "tsx", join(import.meta.dirname, "bench", "group.ts"), name], {
      stdio: "inherit",
      // A group of processes: what it started ends with it.
      detached: true,
    });
    const timer = setTimeout(() => {
      hung = true;
      if (child.pid) process.kill(-child.pid, "SIGKILL");
    }, limitS * 1000);
    let hung = false;
    child.on("exit", (status) => {
      clearTimeout(timer);
      resolve(hung ? `ended after ${limitS} s` : status === 0 ? null : "failed, see above");
    });
  });
}
