import type { MessagePort } from "node:worker_threads";
import type { Progress } from "./task.ts";
import { TASKS } from "./tasks/index.ts";

/** What a thread of the pool is told to do. */
export interface Told {
  readonly name: keyof typeof TASKS;
  readonly input: unknown;
  /** Where it says that it has begun, and how far it has come. */
  readonly port: MessagePort;
}

/** Does one piece of work. */
export default async function work({ name, input, port }: Told): Promise<unknown> {
  port.postMessage("begun");
  try {
    return await TASKS[name](input as never, (come: Progress) => port.postMessage(come));
  } finally {
    port.close();
  }
}
