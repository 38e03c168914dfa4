import { type ChildProcess, spawn } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import Database from "better-sqlite3";

/** A demo server of one worker's own. */
export interface DemoServer {
  readonly address: string;
  /** Everything it has printed since its data was put back last. */
  output(): string;
  /** Puts its data back to the demo workshop as it was shipped. */
  putBack(): Promise<void>;
  stop(): Promise<void>;
}

/** Longest a built demo may take to start, ms. */
const START_MS = 60_000;

/**
 * Starts `npm run demo`'s script on a free port with a data folder that is thrown away afterwards. What it was filled
 * with is kept beside it: one server serves one test after the other, each with the workshop as it was.
 */
export async function startDemo(): Promise<DemoServer> {
  const folder = mkdtempSync(join(tmpdir(), "stenz-e2e-"));
  const [live, template] = [join(folder, "demo.sqlite"), join(folder, "template.sqlite")];
  const child = spawn(process.execPath, ["scripts/demo.mjs", "--port", "0", "--data", folder]);
  let printed = "";
  for (const stream of [child.stdout, child.stderr])
    stream.on("data", (chunk: Buffer) => (printed += chunk.toString()));
  try {
    const address = await addressOf(child, () => printed);
    await copyData(live, template);
    return {
      address,
      output: () => printed,
      async putBack() {
        await copyData(template, live);
        printed = "";
      },
      async stop() {
        await ended(child);
        rmSync(folder, { recursive: true, force: true });
      },
    };
  } catch (cause) {
    await ended(child);
    throw cause;
  }
}

/** How often a copy is tried while the server is writing, and the pause between, ms. */
const TRIES = 200;
const PAUSE_MS = 25;

/** SQLite's own copy: it goes into a file that the server has open, as one transaction the server sees whole. */
async function copyData(from: string, to: string): Promise<void> {
  const database = new Database(from);
  try {
    for (let tries = 0; tries < TRIES; tries += 1) {
      // While the server writes, the copy ends at once with no page at all.
      const { totalPages } = await database.backup(to);
      if (totalPages > 0) return;
      await new Promise((resolve) => setTimeout(resolve, PAUSE_MS));
    }
    throw new Error(`The data could not be put back: something keeps writing into ${to}.`);
  } finally {
    database.close();
  }
}

function addressOf(child: ChildProcess, printed: () => string): Promise<string> {
  return new Promise((resolve, reject) => {
    const look = () => {
      const address = /Stenz is at (http:\S+)\//.exec(printed())?.[1];
      if (address) resolve(address);
    };
    child.stdout?.on("data", look);
    child.on("exit", () => reject(new Error(`The demo ended before it was up:\n${printed()}`)));
    setTimeout(() => reject(new Error(`The demo was not up after ${START_MS} ms:\n${printed()}`)), START_MS).unref();
  });
}

function ended(child: ChildProcess): Promise<void> {
  return new Promise((resolve) => {
    if (child.exitCode !== null) return resolve();
    child.on("exit", () => resolve());
    child.kill("SIGTERM");
  });
}
