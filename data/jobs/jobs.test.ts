import { describe, expect, it } from "vitest";
import { type Job, newJob } from "../../core/job/index.ts";
import { SAMPLE_CLOTH } from "../../core/testing/index.ts";
import { addWearer, itKeeps, temporaryStore, withPrototype } from "../testing/index.ts";

const job = (wearerId: number, own: Partial<Parameters<typeof newJob>[0]> = {}) =>
  newJob({
    name: "Brief",
    styleId: "brief",
    wearerId,
    sheetId: null,
    clothId: null,
    girthDirection: "across",
    school: null,
    ...own,
  });

itKeeps<Job>("jobs", {
  of: ({ jobs }) => jobs,
  beside: addWearer,
  records: (wearerId) => [
    job(wearerId),
    job(wearerId, { name: "Slip", styleId: "slip", girthDirection: "bias", school: "fixed" }),
  ],
});

describe("a list of jobs", () => {
  it("comes newest first, and finds a part of the job's or the wearer's name", async () => {
    const { store } = await temporaryStore();
    const [ilva, orla] = [await addWearer(store), await addWearer(store, "Orla Fenn")];
    for (const [wearer, name] of [
      [ilva, "Brief"],
      [orla, "Slip"],
      [ilva, "One-piece 100%"],
    ] as const)
      await store.jobs.add(job(wearer, { name }));
    const names = async (search: string) => (await store.jobs.list({ search, page: 1 })).rows.map(({ name }) => name);
    expect(await names("")).toEqual(["One-piece 100%", "Slip", "Brief"]);
    expect(await names("fenn")).toEqual(["Slip"]);
    expect(await names("100%")).toEqual(["One-piece 100%"]);
    expect(await names("_rief")).toEqual([]);
  });

  it("tells wearer, cloth, prototypes and open findings of each", async () => {
    const { store } = await temporaryStore();
    await withPrototype(store);
    const [row] = (await store.jobs.list({ search: "", page: 1 })).rows;
    expect(row).toMatchObject({
      wearerName: "Ilva Thornbeck",
      clothName: "Heron jersey",
      prototypeCount: 1,
      openFindings: 1,
    });
  });

  it("is asked by wearer and by cloth", async () => {
    const { store } = await temporaryStore();
    const wearerId = await addWearer(store);
    const clothId = await store.cloths.add(SAMPLE_CLOTH);
    const id = await store.jobs.add(job(wearerId, { clothId }));
    await store.jobs.add(job(await addWearer(store, "Orla Fenn")));
    expect((await store.jobs.ofWearer(wearerId)).map((one) => one.id)).toEqual([id]);
    expect((await store.jobs.ofCloth(clothId)).map((one) => one.id)).toEqual([id]);
    expect(await store.jobs.ofCloth(clothId + 1)).toEqual([]);
  });
});

describe("a job that was taken off", () => {
  const AT = "2026-11-01T09:00:00Z";
  const removed = async () => {
    const { store } = await temporaryStore();
    const id = await store.jobs.add(job(await addWearer(store)));
    expect(await store.jobs.remove(id, AT)).toBe(true);
    return { store, id };
  };

  it("is out of sight, and still known by its number", async () => {
    const { store, id } = await removed();
    expect(await store.jobs.find(id)).toBeNull();
    expect((await store.jobs.list({ search: "", page: 1 })).total).toBe(0);
    expect(await store.jobs.removed()).toMatchObject([{ id, name: "Brief", removedAt: AT }]);
    expect(await store.jobs.wasErased(id)).toBe(false);
  });

  it("can be brought back, once", async () => {
    const { store, id } = await removed();
    expect(await store.jobs.restore(id)).toBe(true);
    expect(await store.jobs.find(id)).toMatchObject({ name: "Brief" });
    expect(await store.jobs.restore(id)).toBe(false);
    expect(await store.jobs.removed()).toEqual([]);
  });

  it("is erased after its time, and not a moment before", async () => {
    const { store, id } = await removed();
    expect(await store.eraseRemovedJobs(AT)).toBe(0);
    expect(await store.eraseRemovedJobs("2026-11-01T09:00:01Z")).toBe(1);
    expect(await store.jobs.wasErased(id)).toBe(true);
    expect(await store.jobs.restore(id)).toBe(false);
    expect(await store.jobs.wasErased(id + 1)).toBe(false);
  });

  it("cannot be taken off twice", async () => {
    const { store, id } = await removed();
    expect(await store.jobs.remove(id, AT)).toBe(false);
  });
});
