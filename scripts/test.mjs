/** `npm test`: everything that must hold, from nothing. Ends with a line `N passed, N failed`. */
import { spawnSync } from "node:child_process";
import { existsSync, mkdirSync, readFileSync, rmSync } from "node:fs";
import { join } from "node:path";
import { ensureBuilt } from "./build.mjs";
import { ensureChromium } from "./chromium.mjs";
import { ensureInstalled, rootFolder } from "./install.mjs";

const cache = join(rootFolder, ".cache");
const totals = { passed: 0, failed: 0 };

/** Runs a tool of node_modules/.bin. @returns {boolean} true when it ended well. */
function run(tool, args, env = {}) {
  const { status } = spawnSync(join(rootFolder, "node_modules/.bin", tool), args, {
    cwd: rootFolder,
    stdio: ["ignore", "inherit", "inherit"],
    env: { ...process.env, ...env },
  });
  return status === 0;
}

/** A step that counts as one test. */
function step(name, work) {
  console.log(`\n== ${name}`);
  const good = work();
  totals[good ? "passed" : "failed"] += 1;
  if (!good) console.log(`== ${name} failed`);
  return good;
}

/** A step whose runner writes its counts; a runner that died without them, or ran nothing, is one failure. */
function suite(name, report, work, count) {
  console.log(`\n== ${name}`);
  rmSync(report, { force: true });
  const good = work();
  const counted = existsSync(report) ? count(JSON.parse(readFileSync(report, "utf8"))) : { passed: 0, failed: 0 };
  totals.passed += counted.passed;
  totals.failed += counted.failed;
  if (counted.failed === 0 && (!good || counted.passed === 0)) totals.failed += 1;
}

ensureInstalled();
mkdirSync(cache, { recursive: true });

step("lint", () => run("biome", ["check", "--error-on-warnings", "."]));
step("lint that needs types", () => run("eslint", ["."]));
step("no circles, wings by their index", () => run("depcruise", ["core", "data", "formats", "app", "scripts", "e2e"]));
step("types", () => run("react-router", ["typegen"]) && run("tsc", ["--noEmit"]));

const unitReport = join(cache, "unit.json");
suite(
  "unit tests",
  unitReport,
  () => run("vitest", ["run", "--reporter=default", "--reporter=json", `--outputFile.json=${unitReport}`]),
  ({ numPassedTests, numFailedTests }) => ({ passed: numPassedTests, failed: numFailedTests }),
);

if (step("build", ensureBuilt)) {
  const chromium = ensureChromium();
  const browserReport = join(cache, "e2e.json");
  if (chromium === null) step("browser tests", () => false);
  else {
    suite(
      "browser tests",
      browserReport,
      () =>
        run("playwright", ["test", "--reporter=list,json"], {
          STENZ_CHROMIUM: chromium,
          PLAYWRIGHT_JSON_OUTPUT_NAME: browserReport,
        }),
      ({ stats }) => ({ passed: stats.expected, failed: stats.unexpected + stats.flaky }),
    );
  }
}

console.log(`\n${totals.passed} passed, ${totals.failed} failed`);
process.exitCode = totals.failed === 0 ? 0 : 1;
