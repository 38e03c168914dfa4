import { describe, expect, it } from "vitest";
import { newJob } from "../core/job/index.ts";
import { SAMPLE_SHEET, sampleFrozen } from "../core/testing/index.ts";
import { decision, temporaryStore, withPrototype } from "./testing/index.ts";

describe("two windows", () => {
  it("never overwrite one another: the later save is refused and shown the newer row", async () => {
    const { store } = await temporaryStore();
    const id = await store.wearers.add({ name: "Ilva", kind: "person", child: false, allergies: "", notes: "" });
    const read = await store.wearers.find(id);
    if (!read) throw new Error("The wearer is there.");
    expect((await store.wearers.save({ ...read, notes: "from window one" })).saved).toBe(true);
    const second = await store.wearers.save({ ...read, notes: "from window two" });
    expect(second).toMatchObject({ saved: false, theirs: { notes: "from window one", version: 2 } });
  });

  it("start one prototype of a number", async () => {
    const { store } = await temporaryStore();
    const { jobId } = await withPrototype(store);
    const again = { jobId, number: 1, kind: "sewn", startedOn: "2026-10-02", frozen: sampleFrozen() } as const;
    expect(await store.prototypes.start(again)).toBeNull();
    expect(await store.prototypes.ofJob(jobId)).toHaveLength(1);
  });

  it("decide once: the second word on the same version is refused", async () => {
    const { store } = await temporaryStore();
    const { jobId, findingId } = await withPrototype(store);
    expect((await store.changes.decide(jobId, decision(findingId, 0))).saved).toBe(true);
    expect(await store.changes.decide(jobId, decision(findingId, 0, -20))).toMatchObject({
      saved: false,
      theirs: { amountMm: -13 },
    });
    expect((await store.changes.decide(jobId, decision(findingId, 1, -20))).saved).toBe(true);
  });
});

describe("a transaction", () => {
  it("saves all or nothing", async () => {
    const { store } = await temporaryStore();
    const broken = store.inTransaction(async ({ wearers, jobs }) => {
      await wearers.add({ name: "Half", kind: "person", child: false, allergies: "", notes: "" });
      await jobs.add(
        newJob({
          name: "No such wearer",
          styleId: "brief",
          wearerId: 999,
          sheetId: null,
          clothId: null,
          girthDirection: "across",
          school: null,
        }),
      );
    });
    await expect(broken).rejects.toThrow(/FOREIGN KEY/);
    expect((await store.wearers.list({ search: "", page: 1 })).total).toBe(0);
  });

  it("does not tell bound values in its errors", async () => {
    const { store } = await temporaryStore();
    const secret = {
      name: "Secret Name",
      styleId: "brief",
      wearerId: 999,
      sheetId: null,
      clothId: null,
      girthDirection: "across",
      school: null,
    } as const;
    const error = await store.jobs.add(newJob(secret)).catch((cause: Error) => cause);
    expect(String(error)).not.toContain("Secret Name");
  });
});

describe("a frozen prototype", () => {
  it("stays as it was when its sheet's wearer, cloth and job change", async () => {
    const { store } = await temporaryStore();
    const { jobId, wearerId, prototype } = await withPrototype(store);
    await store.sheets.add({
      ...SAMPLE_SHEET,
      wearerId,
      values: [{ code: "waist", side: "single", text: "99", mm: 990 }],
    });
    const job = await store.jobs.find(jobId);
    if (!job) throw new Error("The job is there.");
    await store.jobs.save({ ...job, school: "fixed" });
    expect((await store.prototypes.find(jobId, 1))?.frozen).toEqual(prototype.frozen);
  });

  it("cannot be rewritten even past the repository", async () => {
    const { store, db } = await temporaryStore();
    await withPrototype(store);
    await expect(db("prototypes").update({ frozen: "{}" })).rejects.toThrow("a frozen plan cannot be changed");
  });

  it("keeps girths as sewn apart from the plan, and raises its version", async () => {
    const { store } = await temporaryStore();
    const { jobId, prototype } = await withPrototype(store);
    const sewn = [{ zone: "waist", side: "single", text: "33.1 cm", sewnMm: 662 }] as const;
    const sewnLengths = [{ id: "backRise", text: "34 cm", sewnMm: 340 }];
    expect((await store.prototypes.saveSewn(prototype, { sewn, sewnLengths })).saved).toBe(true);
    expect((await store.prototypes.saveSewn(prototype, { sewn: [], sewnLengths: [] })).saved).toBe(false);
    expect(await store.prototypes.find(jobId, 1)).toMatchObject({ sewn, sewnLengths });
  });
});
