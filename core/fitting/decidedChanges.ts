import type { Finding, Fitting } from "./fitting.ts";
import type { CarriedChange } from "./prototype.ts";

/** Every change that a job's findings have led to, refused ones left out, in the order they were found. */
export function decidedChanges(fittings: readonly Pick<Fitting, "findings">[]): CarriedChange[] {
  return fittings.flatMap(({ findings }) => findings.flatMap(carried));
}

function carried({ change, zone, side }: Finding): CarriedChange[] {
  if (!change || change.amountMm === null) return [];
  return [{ changeId: change.id, zone, side, amountMm: change.amountMm }];
}
