/** Finds Debian's Chromium for the browser tests, or installs it where this may be done. */
import { spawnSync } from "node:child_process";
import { existsSync } from "node:fs";

const PLACES = ["/usr/bin/chromium", "/usr/bin/chromium-browser"];

const ADVICE = `The browser tests need Chromium. Install it with
    apt-get update && apt-get install -y chromium
as root, or name an installed one in the environment variable STENZ_CHROMIUM.`;

/** @returns {string | null} path of Chromium; null, after saying what to install, where there is none. */
export function ensureChromium() {
  const found = findChromium();
  if (found) return found;
  const named = process.env.STENZ_CHROMIUM;
  if (named) {
    console.error(`STENZ_CHROMIUM names ${named}, but there is no such file.`);
    return null;
  }
  if (process.getuid?.() === 0 && existsSync("/usr/bin/apt-get")) {
    console.error("Installing Debian's Chromium …");
    const run = (...words) =>
      spawnSync("apt-get", words, {
        stdio: ["ignore", "ignore", "inherit"],
        env: { ...process.env, DEBIAN_FRONTEND: "noninteractive" },
      });
    run("update");
    run("install", "-y", "--no-install-recommends", "chromium");
  }
  const installed = findChromium();
  if (!installed) console.error(ADVICE);
  return installed;
}

function findChromium() {
  const named = process.env.STENZ_CHROMIUM;
  if (named) return existsSync(named) ? named : null;
  return PLACES.find((place) => existsSync(place)) ?? null;
}
