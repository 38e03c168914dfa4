import type { Progress } from "./task.ts";
import { TASKS_APART } from "./tasks/index.ts";

/** What a process is told to do. */
export interface ToldApart {
  readonly name: keyof typeof TASKS_APART;
  readonly input: unknown;
}

/** What it says: how far it has come, what it answers, or what it failed with. */
export type SaidApart = { readonly come: Progress } | { readonly answer: unknown } | { readonly failed: string };

const say = (said: SaidApart, then: () => void = () => undefined): void => void process.send?.(said, then);

process.once("message", async ({ name, input }: ToldApart) => {
  const end = () => process.exit();
  try {
    const answer = await TASKS_APART[name](input as never, (come: Progress) => say({ come }));
    say({ answer }, end);
  } catch (cause) {
    say({ failed: String((cause as Error).stack ?? cause) }, end);
  }
});

// Whoever asked is gone: nobody waits for an answer.
process.once("disconnect", () => process.exit());
