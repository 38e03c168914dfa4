import { type StrapWorking, strapCalculation } from "../../band/index.ts";
import type { JobFacts } from "../../calculation/index.ts";
import { BIAS_SLIP_OPTIONS, slipStrapMm } from "../../drafting/index.ts";
import type { Elsewhere, ToldElsewhere } from "../../standing/index.ts";
import { cutLengthsOf } from "../cutLengths.ts";
import type { SetOptions } from "../optionFields.ts";
import type { SaidOfOptions } from "./saidOfOptions.ts";

/** A strap is as long as Band works it out, or as the edges of a drawn slip leave it: the usual length of a strip that is made into one. */
export const STRAP_LENGTH: SaidOfOptions = {
  elsewhere(job): Elsewhere {
    const told = strapOfBand(job) ?? strapOfSlip(job);
    return told ? { length: { ...told, when: { field: "kind", is: "strap" } } } : {};
  },
};

/** The strap of a job as Band cuts it; null while it was not worked out there. */
export function strapOfBand(job: JobFacts): ToldElsewhere | null {
  const kept = job.keptWorkings.strap as StrapWorking | undefined;
  if (!kept || !strapCalculation.appears(job.style)) return null;
  const { numbers } = strapCalculation.reckon(kept, strapCalculation.facts(job));
  const cut = numbers.find(({ id }) => id === "cut");
  return cut ? { value: cut.explanation.result.value, at: "Band", reckoned: true } : null;
}

/** The measures that the strap of a slip follows from. */
const OF_SLIP = ["front_waist", "back_waist", "shoulder_to_apex"] as const;

/** The strap that the edges of a slip leave, as far as its pieces are kept and its lengths can be cut. */
function strapOfSlip(job: JobFacts): ToldElsewhere | null {
  const set = job.keptWorkings.slipPieces as SetOptions | undefined;
  if (!set) return null;
  const { cut } = cutLengthsOf(OF_SLIP, job);
  const [front, back, toApex] = OF_SLIP.map((code) => cut.find((one) => one.code === code)?.cutMm);
  const [frontRise, backRise] = ["front_rise", "back_rise"].map((id) => riseOf(set, id));
  if (!front || !back || !toApex || frontRise === undefined || backRise === undefined) return null;
  const value = slipStrapMm([front, back], front - toApex, [frontRise, backRise]);
  return value > 0 ? { value, at: "Pieces", reckoned: true } : null;
}

/** How high a strap of a slip sits, as typed or usual. mm */
function riseOf(set: SetOptions, id: string): number | undefined {
  const typed = set[id];
  if (typeof typed === "number") return typed;
  const option = BIAS_SLIP_OPTIONS.find((one) => one.id === id);
  return option?.as === "number" ? (option.usual ?? undefined) : undefined;
}
