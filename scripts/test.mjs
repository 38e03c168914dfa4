/** `npm test`: everything that must hold, from nothing. Ends with a line `N passed, N failed`. */
import { spawn, spawnSync } from "node:child_process";
import { existsSync, mkdirSync, readFileSync, rmSync } from "node:fs";
import { join } from "node:path";
import { ensureBuilt } from "./build.mjs";
import { ensureChromium } from "./chromium.mjs";
import { ensureInstalled, rootFolder } from "./install.mjs";
import { ensurePoppler } from "./poppler.mjs";

const cache = join(rootFolder, ".cache");
const totals = { passed: 0, failed: 0 };
/** How long each step took, and each test in it: { name, ms }. */
const steps = [];
const tests = [];

/** Runs a step and notes how long it took. */
async function timed(name, work) {
  const from = Date.now();
  const answer = await work();
  steps.push({ name, ms: Date.now() - from });
  return answer;
}

/** Runs a tool of node_modules/.bin. @returns {boolean} true when it ended well. */
function run(tool, args, env = {}) {
  const { status } = spawnSync(join(rootFolder, "node_modules/.bin", tool), args, {
    cwd: rootFolder,
    stdio: ["ignore", "inherit", "inherit"],
    env: { ...process.env, ...env },
  });
  return status === 0;
}

/** Counts a step as one test. @returns {boolean} whether it ended well. */
function counted(name, good) {
  totals[good ? "passed" : "failed"] += 1;
  if (!good) console.log(`== ${name} failed`);
  return good;
}

/** A step that counts as one test. */
async function step(name, work) {
  console.log(`\n== ${name}`);
  return counted(name, await timed(name, work));
}

/**
 * Steps that use one core each, run beside one another; what each says is printed when it is done.
 * @param {readonly (readonly [name: string, tool: string, args: string[]])[]} parts
 */
async function together(parts) {
  await Promise.all(
    parts.map(async ([name, tool, args]) => {
      const from = Date.now();
      const { good, said } = await runAside(tool, args);
      steps.push({ name, ms: Date.now() - from });
      console.log(`\n== ${name}\n${said}`);
      counted(name, good);
    }),
  );
}

/** Runs a tool of node_modules/.bin beside others. @returns {Promise<{ good: boolean, said: string }>} */
function runAside(tool, args) {
  return new Promise((resolve) => {
    const child = spawn(join(rootFolder, "node_modules/.bin", tool), args, {
      cwd: rootFolder,
      stdio: ["ignore", "pipe", "pipe"],
    });
    let said = "";
    for (const stream of [child.stdout, child.stderr]) {
      stream.setEncoding("utf8");
      stream.on("data", (text) => {
        said += text;
      });
    }
    child.on("error", (cause) => resolve({ good: false, said: `${said}${cause.message}\n` }));
    child.on("close", (status) => resolve({ good: status === 0, said }));
  });
}

/** A step whose runner writes its counts; a runner that died without them, or ran nothing, is one failure. */
async function suite(name, report, work, count) {
  console.log(`\n== ${name}`);
  rmSync(report, { force: true });
  const good = await timed(name, work);
  const counts = existsSync(report) ? count(JSON.parse(readFileSync(report, "utf8"))) : { passed: 0, failed: 0 };
  tests.push(...(counts.tests ?? []));
  totals.passed += counts.passed;
  totals.failed += counts.failed;
  if (counts.failed === 0 && (!good || counts.passed === 0)) totals.failed += 1;
}

/** How many of the slowest tests are named. */
const SLOWEST = 10;

const seconds = (ms) => `${(ms / 1000).toFixed(1)} s`.padStart(9);

/** The tests of a report of the browser tests, with those of the groups in it. */
function testsOf({ specs = [], suites = [], file = "" }) {
  const own = specs.map(({ title, tests: runs }) => ({
    name: `${file}: ${title}`,
    ms: runs.flatMap(({ results }) => results).reduce((sum, { duration }) => sum + duration, 0),
  }));
  return [...own, ...suites.flatMap((suite) => testsOf({ file, ...suite }))];
}

ensureInstalled({ tools: true });
const began = Date.now();
mkdirSync(cache, { recursive: true });

await step("lint", () => run("biome", ["check", "--error-on-warnings", "."]));
// The types of the routes are made before anything asks for types.
await step("types of the routes", () => run("react-router", ["typegen"]));
await together([
  ["lint that needs types", "eslint", ["."]],
  ["types", "tsc", ["--noEmit"]],
  ["no circles, wings by their index", "depcruise", ["core", "data", "formats", "app", "scripts", "e2e"]],
]);

// The print of pieces is measured by a program that did not write it.
ensurePoppler();
/** Tests of some projects of the unit tests, counted from their report. */
async function units(name, projects) {
  const report = join(cache, `${name.replaceAll(" ", "-")}.json`);
  const chosen = projects.map((project) => `--project=${project}`);
  await suite(
    name,
    report,
    () => run("vitest", ["run", ...chosen, "--reporter=default", "--reporter=json", `--outputFile.json=${report}`]),
    ({ numPassedTests, numFailedTests, testResults }) => ({
      passed: numPassedTests,
      failed: numFailedTests,
      tests: testResults.flatMap(({ assertionResults }) =>
        assertionResults.map(({ fullName, duration }) => ({ name: fullName, ms: duration ?? 0 })),
      ),
    }),
  );
}

await units("unit tests", ["floors", "pages"]);

if (await step("build", ensureBuilt)) {
  // A short form of each: they serve what was built.
  await units("soaks", ["soaks"]);
  const chromium = ensureChromium();
  const browserReport = join(cache, "e2e.json");
  if (chromium === null) await step("browser tests", () => false);
  else {
    await suite(
      "browser tests",
      browserReport,
      () =>
        run("playwright", ["test", "--reporter=list,json"], {
          STENZ_CHROMIUM: chromium,
          PLAYWRIGHT_JSON_OUTPUT_NAME: browserReport,
        }),
      ({ stats, suites }) => ({
        passed: stats.expected,
        failed: stats.unexpected + stats.flaky,
        tests: suites.flatMap(testsOf),
      }),
    );
  }
}

console.log("\n== times");
for (const { name, ms } of steps) console.log(`${seconds(ms)}  ${name}`);
console.log(`${seconds(Date.now() - began)}  in all, installing aside\n\n== the slowest ten`);
for (const { name, ms } of tests.toSorted((a, b) => b.ms - a.ms).slice(0, SLOWEST))
  console.log(`${seconds(ms)}  ${name}`);

console.log(`\n${totals.passed} passed, ${totals.failed} failed`);
process.exitCode = totals.failed === 0 ? 0 : 1;
