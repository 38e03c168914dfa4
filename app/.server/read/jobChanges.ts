import {
  type ClosurePull,
  type Contradiction,
  jobChanges,
  limitsLeft,
  opposites,
  predictClosure,
  twice,
} from "../../../core/fitting/index.ts";
import { type JobRecord, lengthsToday, ringsToday } from "./jobRecord.ts";

/** Where a job's changes do not agree: with one another, or with the limits of its style. */
export function contradictionsOf(read: JobRecord): Contradiction[] {
  const { fittings, ownChanges, style, planned } = read;
  const changes = jobChanges(fittings, ownChanges).filter(
    ({ change }) => change.decision !== "refused" && change.decision !== "waiting",
  );
  return [
    ...opposites(changes),
    ...twice(changes, lengthsToday(read)),
    ...limitsLeft(ringsToday(read), style.limits, planned.planned?.plan.chosenPullOn ?? []),
  ];
}

/** Every closure pull of a job that could be held against its plan. */
export function closurePulls({ prototypes, fittings }: JobRecord): ClosurePull[] {
  return fittings
    .flatMap(({ prototypeId, readings }) => {
      const prototype = prototypes.find(({ id }) => id === prototypeId);
      return prototype ? readings.map((reading) => predictClosure(reading, prototype)) : [];
    })
    .filter((pull) => typeof pull !== "string");
}
