import { SHIPPED_EASE_SETTINGS } from "../../core/ease/index.ts";
import type { FrozenPlan } from "../../core/fitting/index.ts";
import { FROZEN_UPCASTS, frozenSchema } from "../../core/job/index.ts";
import { fail, ok, type Result } from "../../core/result.ts";
import { WORKING_IDS, type WorkingId, type Workings } from "../../core/workings/index.ts";
import { keptType } from "./keptType.ts";
import { readKeptWorking } from "./keptWorking.ts";

const KEPT = keptType<Omit<FrozenPlan, "workings"> & { readonly workings: Readonly<Record<string, unknown>> }>({
  what: "what a prototype was made from",
  schema: frozenSchema,
  upcasts: FROZEN_UPCASTS,
  fresh: { settings: SHIPPED_EASE_SETTINGS },
});

/** Workings stand in a plan as they were entered that day; their steps to newer formats leave what is of today as it is. */
const WORKINGS_WITHIN = 1;

/**
 * Reads what a prototype froze, in whichever format: its number stands in it.
 * @returns `kept-unreadable` with what was expected and what came.
 */
export function readKeptFrozen(kept: unknown): Result<FrozenPlan> {
  const read = KEPT.read(kept, Number((kept as { format?: unknown } | null)?.format));
  if (!read.ok) return read;
  const workings: Partial<Record<WorkingId, unknown>> = {};
  for (const [id, entered] of Object.entries(read.value.workings)) {
    const known = WORKING_IDS.find((one) => one === id);
    if (!known) return fail("kept-unreadable", `Expected a calculation that is known here, but got “${id}”.`);
    const working = readKeptWorking(known, entered, WORKINGS_WITHIN);
    if (!working.ok) return working;
    workings[known] = working.value;
  }
  return ok({ ...read.value, workings: workings as Partial<Workings> });
}
