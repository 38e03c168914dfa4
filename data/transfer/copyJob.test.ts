import { describe, expect, it } from "vitest";
import { keptIds } from "../jobs/index.ts";
import { demoStore } from "../testing/index.ts";
import { copyJob } from "./copyJob.ts";

describe("a job begun again", () => {
  it("has everything that was decided and nothing that happened, and leaves the first as it was", async () => {
    const { store } = await demoStore();
    for (const { id } of (await store.jobs.list({ search: "", page: 1 })).rows) {
      const [job, kept] = [await store.jobs.find(id), await store.workings.ofJob(id)];
      const copy = (await store.inTransaction((all) => copyJob(all, id))) ?? 0;
      const [again, workings] = [await store.jobs.find(copy), await store.workings.ofJob(copy)];
      expect(again).toEqual({ ...job, id: copy, version: 1, name: `${job?.name}, again`, signedOff: null });
      expect(keptIds(workings)).toEqual(keptIds(kept));
      for (const one of ["parts", "elastics", "band", "cup", "corset", "seams", "briefPieces"] as const)
        expect(workings[one].working).toEqual(kept[one].working);
      expect(workings.sewing.working).toEqual({ ...kept.sewing.working, done: {}, spent: {}, timer: null });
      expect(workings.days.working).toEqual({ wantedOn: null, appointments: [], waits: [] });
      expect(workings.wear.working).toMatchObject({
        gaps: [],
        pulls: [],
        wears: [],
        targetMm: kept.wear.working.targetMm,
      });
      expect(workings.band.texts).toEqual(kept.band.texts);
      expect(await store.prototypes.lastFrozen(copy)).toBeNull();
      expect(await store.workings.ofJob(id)).toEqual(kept);
    }
  });

  it("counts its name on, within what a name may have; and is none where there is no job", async () => {
    const { store } = await demoStore();
    const named = async (id: number) => (await store.jobs.find(id))?.name;
    const again = async (id: number) => (await store.inTransaction((all) => copyJob(all, id))) ?? 0;
    const first = await again(1);
    expect(await named(await again(first))).toBe(`${await named(1)}, again 2`);
    const long = await store.jobs.find(1);
    if (!long) throw new Error("There is a job.");
    await store.jobs.save({ ...long, name: "x".repeat(120) });
    expect((await named(await again(1)))?.length).toBe(120);
    expect(await store.inTransaction((all) => copyJob(all, 999))).toBeNull();
  });
});
