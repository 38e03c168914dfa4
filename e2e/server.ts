import { type ChildProcess, fork } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";

/** The demo server of one worker: it runs one test after the other, each with the workshop as it is shipped. */
export interface DemoServer {
  /** Where it serves, the same for every test. */
  readonly address: string;
  /** Serves the workshop as it is shipped. @returns its address. */
  open(): Promise<string>;
  /** Everything printed since it was opened. */
  output(): string;
  /** Stops it, as a machine that is switched off. */
  close(): Promise<void>;
  /** Serves the workshop as it was left. */
  again(): Promise<void>;
  stop(): Promise<void>;
}

/** What the process answers. */
type Told = { readonly answer: string } | { readonly failed: string };

/** Starts the process of a worker, with a data folder that is thrown away afterwards. */
export async function startDemo(): Promise<DemoServer> {
  const folder = mkdtempSync(join(tmpdir(), "stenz-e2e-"));
  const child = fork(join(import.meta.dirname, "demoProcess.mjs"), [folder], { silent: true, execArgv: [] });
  let printed = "";
  for (const stream of [child.stdout, child.stderr])
    stream?.on("data", (chunk: Buffer) => (printed += chunk.toString()));
  const told = () => heard(child, () => printed);
  const ask = (what: "open" | "close" | "again"): Promise<string> => {
    const answer = told();
    child.send(what);
    return answer;
  };
  const address = await told();
  return {
    address,
    async open() {
      printed = "";
      await ask("open");
      return address;
    },
    output: () => printed,
    async close() {
      await ask("close");
    },
    async again() {
      await ask("again");
    },
    async stop() {
      await ended(child);
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

/** The next answer of the process; what it printed, where it ends instead. */
function heard(child: ChildProcess, printed: () => string): Promise<string> {
  return new Promise((resolve, reject) => {
    const onExit = () => reject(new Error(`The demo server ended:\n${printed()}`));
    child.once("exit", onExit);
    child.once("message", (message) => {
      child.off("exit", onExit);
      const told = message as Told;
      if ("failed" in told) reject(new Error(told.failed));
      else resolve(told.answer);
    });
  });
}

function ended(child: ChildProcess): Promise<void> {
  return new Promise((resolve) => {
    if (child.exitCode !== null) return resolve();
    child.on("exit", () => resolve());
    child.disconnect();
  });
}
