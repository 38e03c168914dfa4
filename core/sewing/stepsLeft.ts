import { minutesOf } from "./minutesOf.ts";
import { orderOf } from "./orderOf.ts";
import type { SewingStep } from "./step.ts";
import type { SewingWorking } from "./working.ts";

/** A step that is still to be sewn, and how long it will take, minutes. */
export interface StepLeft {
  readonly id: string;
  readonly name: string;
  readonly minutes: number;
}

/** What of a garment is still to be sewn, in its order: as `reckonSewing` tells it, without what a page shows beside. */
export function stepsLeft(
  working: SewingWorking,
  usual: readonly SewingStep[],
  past: Readonly<Record<string, readonly number[]>>,
): StepLeft[] {
  const byId = new Map(usual.map((step) => [step.id, step]));
  return orderOf(working, usual)
    .filter((id) => working.done[id] === undefined && !working.left.includes(id))
    .map((id) => {
      const step = byId.get(id);
      const { minutes } = minutesOf(past[id], step?.guessMin ?? null);
      const name = step?.name ?? working.own.find((one) => one.id === id)?.name ?? id;
      return { id, name, minutes: Math.max(0, minutes - (working.spent[id] ?? 0)) };
    });
}
