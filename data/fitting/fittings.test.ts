import { describe, expect, it } from "vitest";
import type { Fitting } from "../../core/fitting/index.ts";
import { sampleChange, sampleFinding } from "../../core/testing/index.ts";
import { temporaryStore, withPrototype } from "../testing/index.ts";

const HEAD = { fittedOn: "2026-10-09", on: "form", way: "insideOut", over: "tights", notes: "Cold." } as const;

async function fitted() {
  const { store } = await temporaryStore();
  const there = await withPrototype(store);
  const all = () => store.fittings.ofPrototypes([there.prototype.id]);
  const first = async () => (await all())[0] as Fitting;
  return { ...there, store, all, first };
}

describe("a fitting", () => {
  it("has its head put right from the version it was opened at, once", async () => {
    const { store, fittingId, first } = await fitted();
    expect(await store.fittings.saveHead({ ...HEAD, id: fittingId, version: 1 })).toBe(true);
    expect(await first()).toMatchObject({ ...HEAD, version: 2 });
    expect(await store.fittings.saveHead({ ...HEAD, notes: "late", id: fittingId, version: 1 })).toBe(false);
    expect((await first()).notes).toBe("Cold.");
  });

  it("comes in the order in which it took place, not in which it was written", async () => {
    const { store, prototype, fittingId, all } = await fitted();
    const earlier = await store.fittings.add({ ...HEAD, fittedOn: "2026-10-01", prototypeId: prototype.id });
    const later = await store.fittings.add({ ...HEAD, prototypeId: prototype.id });
    expect((await all()).map(({ id }) => id)).toEqual([earlier, fittingId, later]);
    expect(await store.fittings.ofPrototypes([])).toEqual([]);
  });

  it("keeps the last word on each check", async () => {
    const { store, fittingId, first } = await fitted();
    await store.fittings.saveCheck(fittingId, { check: "sit", outcome: "fail", note: "rides" });
    await store.fittings.saveCheck(fittingId, { check: "bend", outcome: "pass", note: "" });
    await store.fittings.saveCheck(fittingId, { check: "sit", outcome: "pass", note: "" });
    expect((await first()).checks).toEqual(
      expect.arrayContaining([
        { check: "sit", outcome: "pass", note: "" },
        { check: "bend", outcome: "pass", note: "" },
      ]),
    );
    expect((await first()).checks).toHaveLength(2);
  });
});

describe("a reading", () => {
  const pull = {
    zone: "waist",
    kind: "closure",
    side: "both",
    text: "2.1 N",
    newtons: 2.1,
    heightMm: 40,
    elasticsN: 0.5,
    liftMm: null,
    note: "at the hooks",
  } as const;

  it("comes back whole, and can be taken off and brought back", async () => {
    const { store, fittingId, first } = await fitted();
    const id = await store.fittings.addReading({ ...pull, fittingId });
    expect((await first()).readings).toEqual([{ ...pull, id }]);
    await store.fittings.setReadingRemoved(id, true);
    expect((await first()).readings).toEqual([]);
    await store.fittings.setReadingRemoved(id, false);
    expect((await first()).readings).toHaveLength(1);
  });

  it("knows its job, taken off or not", async () => {
    const { store, fittingId, jobId } = await fitted();
    const id = await store.fittings.addReading({ ...pull, fittingId });
    await store.fittings.setReadingRemoved(id, true);
    expect(await store.fittings.jobOf("reading", id)).toBe(jobId);
    expect(await store.fittings.jobOf("reading", id + 1)).toBeNull();
  });
});

describe("a photo", () => {
  const png = { type: "image/png", bytes: Uint8Array.from([1, 2, 3]) };

  it("of a finding stands with it, a loose one with the fitting", async () => {
    const { store, fittingId, findingId, first } = await fitted();
    const [own, loose] = [
      await store.fittings.addPhoto(fittingId, findingId, png),
      await store.fittings.addPhoto(fittingId, null, png),
    ];
    expect((await first()).findings[0]?.photos).toEqual([own]);
    expect(await store.fittings.loosePhotos(fittingId)).toEqual([loose]);
    expect([...((await store.fittings.photo(own))?.bytes ?? [])]).toEqual([1, 2, 3]);
    expect(await store.fittings.photo(own)).toMatchObject({ fittingId, type: "image/png" });
  });

  it("taken off is not shown, and can be brought back", async () => {
    const { store, fittingId, jobId } = await fitted();
    const id = await store.fittings.addPhoto(fittingId, null, png);
    await store.fittings.setPhotoRemoved(id, true);
    expect(await store.fittings.photo(id)).toBeNull();
    expect(await store.fittings.loosePhotos(fittingId)).toEqual([]);
    expect(await store.fittings.jobOf("photo", id)).toBe(jobId);
    await store.fittings.setPhotoRemoved(id, false);
    expect(await store.fittings.loosePhotos(fittingId)).toEqual([id]);
  });
});

describe("findings that wait for the maker's word", () => {
  it("are those not taken off and not decided; how it feels waits for none", async () => {
    const { store, jobId, fittingId, findingId } = await fitted();
    const open = () => store.fittings.openOfJob(jobId);
    expect(await open()).toBe(1);
    await store.fittings.addFinding({ ...sampleFinding({ kind: "comfort", detail: { score: "4" } }), fittingId });
    expect(await open()).toBe(1);
    const second = await store.fittings.addFinding({ ...sampleFinding({ kind: "tight" }), fittingId });
    expect(await open()).toBe(2);
    await store.fittings.setFindingRemoved(second, true);
    expect(await open()).toBe(1);
    await store.changes.decide(jobId, { ...sampleChange(), findingId, version: 0 });
    expect(await open()).toBe(0);
    expect(await store.fittings.openOfJob(jobId + 1)).toBe(0);
  });
});
