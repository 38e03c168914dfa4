import { availableParallelism } from "node:os";
import { MessageChannel, type TransferListItem } from "node:worker_threads";
import { Piscina } from "piscina";
import { fail, type Result } from "../../../core/result.ts";
import { nameApart } from "./apart.ts";
import { type Asked, type Progress, tookTooLong, tookTooMuch, WITHIN_MS } from "./task.ts";
import type { Tasks } from "./tasks/index.ts";
import type { Told } from "./worker.ts";

/** What one piece of work may take of this machine. */
export interface PoolLimits {
  /** Memory of a thread, MB: what is made of a file of the largest size that is taken, and as much again. */
  readonly memoryMb: number;
  readonly threads: number;
  /** Pieces of work that wait for a thread; who comes after them is sent away. */
  readonly waiting: number;
}

/** As it is shipped: one core is left to answer others. */
export const USUAL_LIMITS: PoolLimits = {
  memoryMb: 512,
  threads: Math.max(1, Math.min(4, availableParallelism() - 1)),
  waiting: 8,
};

/** A thread nobody needed for so long is given up, ms. */
const IDLE_MS = 60_000;

/** Threads that do what would hold the one that answers everybody. */
export interface Pool {
  /**
   * Does a piece of work in a thread of its own.
   * @returns what it answers; `took-too-long`, `took-too-much` (memory), `pool-full`. @throws AbortError where whoever asked has gone.
   */
  run<Name extends keyof Tasks>(
    name: Name,
    input: Parameters<Tasks[Name]>[0],
    asked?: Asked,
  ): Promise<Awaited<ReturnType<Tasks[Name]>>>;
  /** Ends its threads, whatever they do. */
  close(): Promise<void>;
}

/** Starts a pool. @param file the built worker. */
export function startPool(file: string, { memoryMb, threads, waiting }: PoolLimits = USUAL_LIMITS): Pool {
  const piscina = new Piscina({
    filename: file,
    // One is always there: what waits for a thread that failed is taken by another.
    minThreads: 1,
    maxThreads: threads,
    idleTimeout: IDLE_MS,
    resourceLimits: { maxOldGenerationSizeMb: memoryMb, maxYoungGenerationSizeMb: Math.min(64, memoryMb) },
  });
  // A thread that ran out of memory fails the work it did, and another takes its place: nothing else is to be done about it.
  piscina.on("error", () => undefined);
  let under = 0;
  return {
    async run(name, input, { signal, hand = [], withinMs = WITHIN_MS, onProgress } = {}) {
      if (under >= threads + waiting) return fail("pool-full", "Other files are being read: try again in a moment.");
      under += 1;
      const { port1: here, port2: port } = new MessageChannel();
      const late = new AbortController();
      let timer: NodeJS.Timeout | undefined;
      here.on("message", (told: "begun" | Progress) => {
        if (told === "begun") timer = setTimeout(() => late.abort(), withinMs);
        else onProgress?.(told);
      });
      const told: Told = { name, input, port };
      try {
        return await piscina.run(told, {
          transferList: [port, ...hand.map(({ buffer }) => buffer as TransferListItem)],
          signal: AbortSignal.any([late.signal, ...(signal ? [signal] : [])]),
        });
      } catch (cause) {
        return asResult(cause, late.signal.aborted ? withinMs : null);
      } finally {
        under -= 1;
        clearTimeout(timer);
        here.close();
      }
    },
    close: () => piscina.destroy(),
  };
}

/** What ended a piece of work, where it is known; else it is thrown on. */
function asResult(cause: unknown, stoppedAfterMs: number | null): Result<never> {
  if (stoppedAfterMs !== null) return tookTooLong(stoppedAfterMs);
  if ((cause as { readonly code?: string }).code === "ERR_WORKER_OUT_OF_MEMORY") return tookTooMuch();
  throw cause;
}

let running: Pool | null = null;

/** Has the server work with the threads of a built worker. @returns what ends them. */
export function openPool(file: string): () => Promise<void> {
  const pool = startPool(file);
  running = pool;
  nameApart(file);
  return async () => {
    if (running === pool) running = null;
    await pool.close();
  };
}

/** Does a piece of work in the pool of this server, as {@link Pool.run}. */
export const inPool: Pool["run"] = (name, input, asked) => {
  // Where the sources run as they are, what was built of them is told.
  if (running === null && process.env.STENZ_POOL !== undefined) openPool(process.env.STENZ_POOL);
  if (running === null) throw new Error("Expected a pool to be open, or STENZ_POOL to name its built worker.");
  return running.run(name, input, asked);
};

/** The bytes of a file that was sent, to be handed over. */
export const bytesOf = async (file: File): Promise<Uint8Array> => new Uint8Array(await file.arrayBuffer());
