/** Programs of Debian that tests need: found, or installed where this may be done. */
import { spawnSync } from "node:child_process";
import { existsSync } from "node:fs";

/**
 * Finds a program of a Debian package, or installs it as root.
 * @param {{ name: string, from: string, places: readonly string[], named: string }} program what it is called, the package it is in, where
 *   it may lie, and the environment variable that names another place.
 * @returns {string | null} its path; null, after saying what to install, where there is none.
 */
export function ensureProgram({ name, from, places, named }) {
  const own = process.env[named];
  if (own) {
    if (existsSync(own)) return own;
    console.error(`${named} names ${own}, but there is no such file.`);
    return null;
  }
  const find = () => places.find((place) => existsSync(place)) ?? null;
  const found = find();
  if (found) return found;
  if (process.getuid?.() === 0 && existsSync("/usr/bin/apt-get")) {
    console.error(`Installing Debian's ${name} …`);
    const run = (...words) =>
      spawnSync("apt-get", words, {
        stdio: ["ignore", "ignore", "inherit"],
        env: { ...process.env, DEBIAN_FRONTEND: "noninteractive" },
      });
    run("update");
    run("install", "-y", "--no-install-recommends", from);
  }
  const installed = find();
  if (!installed)
    console.error(`The tests need ${name}. Install it with
    apt-get update && apt-get install -y ${from}
as root, or name an installed one in the environment variable ${named}.`);
  return installed;
}
