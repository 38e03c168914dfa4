import { type ChildProcess, spawn } from "node:child_process";
import { existsSync, readFileSync } from "node:fs";
import { join } from "node:path";

/** A server that is soaked, in a process of its own. */
export interface SoakServer {
  /** Without a slash at its end. */
  readonly address: string;
  /** True while it runs. */
  alive(): boolean;
  /** Memory it holds, bytes. */
  memory(): number;
  /** What it printed, its log with it. */
  printed(): string;
  /** Ends it as a power cut would: not another instruction is carried out. */
  kill(): Promise<void>;
  /** Ends it as it is asked to end. */
  stop(): Promise<void>;
}

/** How long a server may take to start, ms. */
const STARTED_WITHIN_MS = 60_000;

/** Starts one on a data file; an empty one can be filled with the demo workshop. `under` is what it is started with, if anything. */
export async function startSoaked(dataFile: string, demo = false, under: readonly string[] = []): Promise<SoakServer> {
  const own = [process.execPath, join(import.meta.dirname, "soakServer.mjs"), dataFile, ...(demo ? ["demo"] : [])];
  const [program = "", ...rest] = [...under, ...own];
  const child = spawn(program, rest, { stdio: ["ignore", "pipe", "pipe", "ipc"] });
  let printed = "";
  for (const stream of [child.stdout, child.stderr])
    stream?.on("data", (chunk: Buffer) => {
      printed = `${printed}${chunk}`.slice(-1_000_000);
    });
  const ended = new Promise<void>((resolve) => child.once("exit", () => resolve()));
  const address = await addressOf(child, () => printed);
  const end = async (signal: NodeJS.Signals) => {
    child.kill(signal);
    await ended;
  };
  return {
    address: address.replace(/\/$/, ""),
    alive: () => child.exitCode === null && child.signalCode === null,
    memory: () => residentOf(child.pid),
    printed: () => printed,
    kill: () => end("SIGKILL"),
    stop: () => end("SIGTERM"),
  };
}

/** Makes a data file with the demo workshop, whole in itself: it can be copied. @throws where a log is left beside it. */
export async function demoAt(dataFile: string): Promise<void> {
  const server = await startSoaked(dataFile, true);
  await server.stop();
  if (existsSync(`${dataFile}-wal`)) throw new Error(`The demo workshop was not put whole into ${dataFile}.`);
}

async function addressOf(child: ChildProcess, printed: () => string): Promise<string> {
  const until = Date.now() + STARTED_WITHIN_MS;
  while (Date.now() < until && child.exitCode === null) {
    const [, address] = /\{"address":"([^"]+)"\}/.exec(printed()) ?? [];
    if (address) return address;
    await new Promise((resolve) => setTimeout(resolve, 10));
  }
  throw new Error(`The server did not start:\n${printed()}`);
}

/** Pages of memory that are really there, as the kernel tells; 0 where the process is gone. */
function residentOf(pid: number | undefined): number {
  try {
    const [, kb = "0"] = /VmRSS:\s+(\d+) kB/.exec(readFileSync(`/proc/${pid}/status`, "utf8")) ?? [];
    return Number(kb) * 1024;
  } catch {
    return 0;
  }
}
