import { schoolOf } from "../../../core/ease/index.ts";
import {
  asideWords,
  comparePrototypes,
  cuttingTable,
  frozenRings,
  jobChanges,
  lengthsStepOn,
  proposeFor,
  stepOn,
  zoneCourses,
} from "../../../core/fitting/index.ts";
import { fail, ok, type Result } from "../../../core/result.ts";
import { formatDay, formatLength } from "../../../core/units/index.ts";
import type { Repositories } from "../../../data/store.ts";
import { recordLines } from "../../../formats/job/fittingRecord.ts";
import { closurePulls, contradictionsOf } from "../read/jobChanges.ts";
import { cutSoFar, lengthsToday, readJob, ringsToday } from "../read/jobRecord.ts";
import { readWorkings } from "../read/workingContext.ts";

/**
 * Works everything out that the pages of a job show. A job from a file is believed only where all of it can be worked
 * with: what the schema cannot see (a school that is none, a number that makes no sense beside another) shows here, and
 * not on a page that fails for good.
 *
 * @returns `job-not-workable` with the part that cannot be worked with.
 */
export async function trialOfJob(repositories: Repositories, jobId: number): Promise<Result<null>> {
  let part = "plan";
  try {
    const read = await readJob(repositories, jobId);
    const { prototypes, fittings, ownChanges } = read;
    for (const { nowMm, consequences } of ringsToday(read)) written(nowMm, consequences.strain);
    for (const { nowMm } of lengthsToday(read)) written(nowMm);
    part = "calculations";
    await readWorkings(repositories, read, "picked");
    for (const [index, prototype] of prototypes.entries()) {
      part = `prototype ${prototype.number}`;
      const { frozen } = prototype;
      const before = prototypes[index - 1] ?? null;
      schoolOf(frozen.school).name.toString();
      formatDay(frozen.sheet.takenOn);
      for (const step of stepOn(before, frozenRings(frozen)))
        written(step.nowMm, step.bodyMm, step.consequences.strain);
      for (const step of lengthsStepOn(before, frozen.lengths)) written(step.nowMm, step.bodyMm);
      if (before) comparePrototypes(before, prototype, fittings);
      for (const finding of fittings
        .filter(({ prototypeId }) => prototypeId === prototype.id)
        .flatMap((one) => one.findings)) {
        const proposal = proposeFor(finding, prototype);
        if (proposal.ok && proposal.value.taken) written(proposal.value.taken.takeMm);
      }
    }
    part = "fittings";
    recordLines(read);
    zoneCourses(prototypes, fittings, ringsToday(read));
    closurePulls(read);
    part = "changes";
    contradictionsOf(read);
    const table = cuttingTable(jobChanges(fittings, ownChanges), cutSoFar(read));
    for (const { lines } of table) for (const line of lines) asideWords(line, { unit: "cm" });
    return ok(null);
  } catch (cause) {
    // A missing page inside of the file (a wearer, a style) is a fault of the file too.
    if (cause instanceof Error || typeof cause === "object") {
      return fail("job-not-workable", `Expected a job that can be worked with, but its ${part} cannot be worked out.`);
    }
    throw cause;
  }
}

/** Throws for a number that is none, as every page that writes it would. */
function written(...numbers: readonly number[]): void {
  for (const number of numbers) formatLength(number, "cm");
}
