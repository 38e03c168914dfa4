import type { Prototype } from "../../core/fitting/index.ts";
import { newJob } from "../../core/job/index.ts";
import { SAMPLE_CLOTH, SAMPLE_SHEET, sampleChange, sampleFinding, sampleFrozen } from "../../core/testing/index.ts";
import type { Store } from "../store.ts";
import { addWearer } from "./addWearer.ts";

/** A wearer, a cloth and a job with prototype 1, its fitting and a finding. */
export async function withPrototype(store: Store) {
  const wearerId = await addWearer(store);
  const sheetId = await store.sheets.add({ ...SAMPLE_SHEET, wearerId });
  const clothId = await store.cloths.add({ ...SAMPLE_CLOTH, name: "Heron jersey" });
  const jobId = await store.jobs.add(
    newJob({
      name: "Brief",
      styleId: "brief",
      wearerId,
      sheetId,
      clothId,
      girthDirection: "across",
      school: "share",
    }),
  );
  const frozen = sampleFrozen();
  const started = await store.prototypes.start({ jobId, number: 1, kind: "sewn", startedOn: "2026-10-02", frozen });
  if (started === null) throw new Error("A new job has no prototype yet.");
  const prototype = (await store.prototypes.find(jobId, 1)) as Prototype;
  const fittingId = await store.fittings.add({
    prototypeId: prototype.id,
    fittedOn: "2026-10-04",
    on: "wearer",
    way: "rightSideOut",
    over: "",
    notes: "",
  });
  const findingId = await store.fittings.addFinding({ ...sampleFinding(), fittingId });
  return { wearerId, sheetId, jobId, prototype, fittingId, findingId };
}

/** The maker's word on a finding: take the waist in. */
export const decision = (findingId: number, version: number, amountMm = -13) => ({
  ...sampleChange({ amountMm }),
  findingId,
  version,
});
