import { type Moment, momentOf } from "../clock.ts";
import type { Wait } from "../working.ts";
import { waitOf } from "./index.ts";

/** A step of sewing as a wait sees it. */
interface SeenStep {
  readonly id: string;
  readonly name: string;
  /** When it was done, UTC; null where it was not. */
  readonly doneAt: string | null;
}

/**
 * Asks about a wait that begins when what it blocks was done already: it was begun earlier, or another is meant.
 * @returns a sentence; null where nothing is asked. It never blocks.
 */
export function waitDoubt({ kind, since }: Pick<Wait, "kind" | "since">, steps: readonly SeenStep[]): string | null {
  const { blocks } = waitOf(kind);
  const begun: Moment = momentOf(since);
  const late = steps.filter(({ id, doneAt }) => blocks.includes(id) && doneAt !== null && momentOf(doneAt) < begun);
  return late.length === 0
    ? null
    : `It begins after ${late.map(({ name }) => `“${name}”`).join(" and ")}, which waits for it, was ticked as done: was it begun earlier, or is another wait meant?`;
}
