import { describe, expect, it } from "vitest";
import type { Prototype } from "../../core/fitting/index.ts";
import { sampleFrozen } from "../../core/testing/index.ts";
import { temporaryStore, withPrototype } from "../testing/index.ts";

const next = (jobId: number, number: number, own: object = {}) => ({
  jobId,
  number,
  kind: "basted" as const,
  startedOn: "2026-10-10",
  frozen: sampleFrozen([{ changeId: 1, zone: "hip", side: "both", amountMm: -8 }]),
  ...own,
});

async function started() {
  const { store } = await temporaryStore();
  const there = await withPrototype(store);
  const read = async (number = 1) => (await store.prototypes.find(there.jobId, number)) as Prototype;
  return { ...there, store, read };
}

describe("prototypes of a job", () => {
  it("are numbered one after the other, each number once", async () => {
    const { store, jobId } = await started();
    expect(await store.prototypes.start(next(jobId, 2))).toBe(2);
    expect(await store.prototypes.start(next(jobId, 2))).toBeNull();
    expect((await store.prototypes.ofJob(jobId)).map(({ number }) => number)).toEqual([1, 2]);
    expect(await store.prototypes.find(jobId, 3)).toBeNull();
  });

  it("keep the plan they were started with, whole", async () => {
    const { store, jobId, read } = await started();
    const frozen = next(jobId, 2).frozen;
    await store.prototypes.start(next(jobId, 2));
    expect((await read(2)).frozen).toEqual(frozen);
    expect(await store.prototypes.lastFrozen(jobId)).toEqual({ number: 2, frozen });
    expect(await store.prototypes.lastFrozen(jobId + 1)).toBeNull();
  });
});

describe("a prototype as sewn", () => {
  const sewn = [{ zone: "waist", side: "single", sewnMm: 648, text: "32,4" }] as const;
  const sewnLengths = [{ id: "backRise", sewnMm: 372, text: "37,2" }] as const;

  it("is kept from the version it was read at, and given back where another was quicker", async () => {
    const { store, read } = await started();
    const prototype = await read();
    expect(await store.prototypes.saveSewn(prototype, { sewn, sewnLengths })).toMatchObject({ saved: true });
    expect(await read()).toMatchObject({ sewn, sewnLengths, version: 2 });
    expect(await store.prototypes.saveSewn(prototype, { sewn: [], sewnLengths: [] })).toMatchObject({
      saved: false,
      theirs: { sewn, version: 2 },
    });
    expect((await read()).sewn).toEqual(sewn);
  });

  it("is replaced as a whole: what is not said again is gone", async () => {
    const { store, read } = await started();
    await store.prototypes.saveSewn(await read(), { sewn, sewnLengths });
    await store.prototypes.saveSewn(await read(), { sewn: [], sewnLengths: [] });
    expect(await read()).toMatchObject({ sewn: [], sewnLengths: [], version: 3 });
  });

  it("leaves its frozen plan as it was", async () => {
    const { store, read } = await started();
    const { frozen } = await read();
    await store.prototypes.saveSewn(await read(), { sewn, sewnLengths: [] });
    expect((await read()).frozen).toEqual(frozen);
  });
});

describe("a closed prototype", () => {
  it("bears the day it was closed on, the first one counting", async () => {
    const { store, jobId, read } = await started();
    await store.prototypes.closeAll(jobId, "2026-11-01");
    await store.prototypes.start(next(jobId, 2));
    await store.prototypes.closeAll(jobId, "2026-11-20");
    expect([(await read(1)).closedOn, (await read(2)).closedOn]).toEqual(["2026-11-01", "2026-11-20"]);
  });

  it("takes notes as an open one does, in the order they were written", async () => {
    const { store, jobId, prototype, read } = await started();
    await store.prototypes.annotate(prototype.id, { writtenOn: "2026-10-30", text: "before" });
    await store.prototypes.closeAll(jobId, "2026-11-01");
    await store.prototypes.annotate(prototype.id, { writtenOn: "2026-11-02", text: "after" });
    expect((await read()).annotations.map(({ text }) => text)).toEqual(["before", "after"]);
  });
});
