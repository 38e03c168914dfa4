import { orderOf } from "./orderOf.ts";
import type { SewingStep } from "./step.ts";
import type { SewingWorking } from "./working.ts";

/** A step that is still to be sewn, and how long it will take, minutes. */
export interface StepLeft {
  readonly id: string;
  readonly name: string;
  readonly minutes: number;
  /** How long it is left alone once it is done, day and night, minutes. */
  readonly restMin: number;
}

/**
 * What of a garment is still to be sewn, in its order: as `reckonSewing` tells it, without what a page shows beside.
 * @param minutesAt how long a step takes, minutes, by its guess where there are too few times.
 */
export function stepsLeft(
  working: SewingWorking,
  usual: readonly SewingStep[],
  minutesAt: (id: string, guessMin: number | null) => number,
): StepLeft[] {
  return orderOf(working, usual)
    .filter((id) => working.done[id] === undefined && !working.left.includes(id))
    .map((id) => {
      const step = usual.find((one) => one.id === id);
      const minutes = minutesAt(id, step?.guessMin ?? null);
      const name = step?.name ?? working.own.find((one) => one.id === id)?.name ?? id;
      return { id, name, minutes: Math.max(0, minutes - (working.spent[id] ?? 0)), restMin: step?.restMin ?? 0 };
    });
}
