import { type ChildProcess, spawn } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";

/** A demo server of one test's own. */
export interface DemoServer {
  readonly address: string;
  /** Everything it has printed so far. */
  output(): string;
  stop(): Promise<void>;
}

/** Longest a built demo may take to start, ms. */
const START_MS = 30_000;

/** Starts `npm run demo`'s script on a free port with a data folder that is thrown away afterwards. */
export async function startDemo(): Promise<DemoServer> {
  const folder = mkdtempSync(join(tmpdir(), "stenz-e2e-"));
  const child = spawn(process.execPath, ["scripts/demo.mjs", "--port", "0", "--data", folder]);
  let printed = "";
  for (const stream of [child.stdout, child.stderr])
    stream.on("data", (chunk: Buffer) => (printed += chunk.toString()));
  try {
    return {
      address: await addressOf(child, () => printed),
      output: () => printed,
      stop: async () => {
        await ended(child);
        rmSync(folder, { recursive: true, force: true });
      },
    };
  } catch (cause) {
    await ended(child);
    throw cause;
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
