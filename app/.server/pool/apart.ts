import { fork } from "node:child_process";
import { dirname, join } from "node:path";
import { inTurn } from "../inTurn.ts";
import type { SaidApart, ToldApart } from "./process.ts";
import { type Asked, tookTooLong, tookTooMuch } from "./task.ts";
import type { TasksApart } from "./tasks/index.ts";

/** Memory of such a process, MB. */
const MEMORY_MB = 1024;

/** How long work with a data file may take, ms: one of years with all its photos is gone through several times. */
const DATA_FILE_WITHIN_MS = 300_000;

/** What a process exits with, or is ended by, where it ran out of memory. */
const OUT_OF_MEMORY: readonly unknown[] = [134, "SIGABRT"];

/** They take as much of the disk as of the processor: one at a time. */
const oneByOne = inTurn();

/** Where the built process lies: beside the worker of the pool. */
let file: string | null = null;

/** Names the built worker beside which the built process lies. */
export function nameApart(worker: string): void {
  file = join(dirname(worker), "process.js");
}

type Answer<Name extends keyof TasksApart> = Awaited<ReturnType<TasksApart[Name]>>;

/**
 * Does a piece of work in a process of its own, which is ended where it takes too long, too much, or nobody waits for it any more.
 * @returns what it answers; `took-too-long`, `took-too-much`. @throws what it failed with; AbortError where whoever asked has gone.
 */
export const inProcess = <Name extends keyof TasksApart>(
  name: Name,
  input: Parameters<TasksApart[Name]>[0],
  asked: Omit<Asked, "hand"> = {},
): Promise<Answer<Name>> => oneByOne(() => forked(name, input, asked));

function forked<Name extends keyof TasksApart>(
  name: Name,
  input: Parameters<TasksApart[Name]>[0],
  { signal, withinMs = DATA_FILE_WITHIN_MS, onProgress }: Omit<Asked, "hand">,
): Promise<Answer<Name>> {
  if (file === null && process.env.STENZ_POOL !== undefined) nameApart(process.env.STENZ_POOL);
  if (file === null) throw new Error("Expected STENZ_POOL to name the built worker beside which the process lies.");
  signal?.throwIfAborted();
  const child = fork(file, {
    serialization: "advanced",
    execArgv: [`--max-old-space-size=${MEMORY_MB}`],
    stdio: ["ignore", "ignore", "ignore", "ipc"],
  });
  return new Promise<Answer<Name>>((resolve, reject) => {
    const settle = (how: () => void) => {
      clearTimeout(timer);
      signal?.removeEventListener("abort", gone);
      child.removeAllListeners();
      child.kill("SIGKILL");
      how();
    };
    const timer = setTimeout(() => settle(() => resolve(tookTooLong(withinMs) as Answer<Name>)), withinMs);
    const gone = () => settle(() => reject(signal?.reason));
    signal?.addEventListener("abort", gone);
    child.on("message", (said: SaidApart) => {
      if ("come" in said) onProgress?.(said.come);
      else if ("answer" in said) settle(() => resolve(said.answer as Answer<Name>));
      else settle(() => reject(new Error(said.failed)));
    });
    child.on("error", (cause) => settle(() => reject(cause)));
    child.on("exit", (code, by) =>
      settle(() =>
        OUT_OF_MEMORY.includes(code) || OUT_OF_MEMORY.includes(by)
          ? resolve(tookTooMuch() as Answer<Name>)
          : reject(new Error(`A process for ${name} ended with ${code ?? by} and no answer.`)),
      ),
    );
    child.send({ name, input } satisfies ToldApart);
  });
}
