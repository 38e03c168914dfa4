import { describe, expect, it } from "vitest";
import { sampleChange, sampleFrozen } from "../../core/testing/index.ts";
import { decision, temporaryStore, withPrototype } from "../testing/index.ts";

const { id: _id, cutInto: _cut, ...own } = sampleChange({ findingId: null, reason: "our habit" });

async function withOwn() {
  const { store } = await temporaryStore();
  const there = await withPrototype(store);
  const id = await store.changes.addOwn(there.jobId, own);
  const first = async () => (await store.changes.ownOfJob(there.jobId))[0];
  /** Starts the next prototype with the change in it. */
  const cut = () =>
    store.prototypes.start({
      jobId: there.jobId,
      number: 2,
      kind: "sewn",
      startedOn: "2026-10-10",
      frozen: sampleFrozen([{ changeId: id, zone: "waist", side: "both", amountMm: -13.7 }]),
    });
  return { ...there, store, id, first, cut };
}

describe("the maker's own change", () => {
  it("comes back whole, without a judgement", async () => {
    const { id, first } = await withOwn();
    expect(await first()).toEqual({ change: { ...own, id, cutInto: null }, judgement: null });
  });

  it("stands with its job only", async () => {
    const { store, jobId } = await withOwn();
    expect(await store.changes.ownOfJob(jobId + 1)).toEqual([]);
    await store.changes.decide(jobId, decision(1, 0));
    expect(await store.changes.ownOfJob(jobId)).toHaveLength(1);
  });

  it("is taken back from the version it was read at, in its own job", async () => {
    const { store, jobId, id, first } = await withOwn();
    expect(await store.changes.withdraw(jobId, id, 2)).toBe(false);
    expect(await store.changes.withdraw(jobId + 1, id, 1)).toBe(false);
    expect(await store.changes.withdraw(jobId, id, 1)).toBe(true);
    expect(await first()).toBeUndefined();
    expect(await store.changes.withdraw(jobId, id, 1)).toBe(false);
  });

  it("is judged once; a later word replaces the first", async () => {
    const { store, id, fittingId, first } = await withOwn();
    await store.changes.judge(id, { fittingId, residualMm: 6, verdict: "better", note: "" });
    await store.changes.judge(id, { fittingId, residualMm: -3, verdict: "overdone", note: "too far" });
    expect((await first())?.judgement).toMatchObject({ residualMm: -3, verdict: "overdone", note: "too far" });
  });
});

describe("linked pieces of a change", () => {
  const linked = [
    { piece: "lining, front", ticked: true },
    { piece: "net, front", ticked: false },
  ];

  it("are ticked from the version it was read at", async () => {
    const { store, jobId, id, first } = await withOwn();
    expect(await store.changes.saveLinked(jobId, { id, version: 1 }, linked, "net later")).toBe(true);
    expect((await first())?.change).toMatchObject({ linked, untickedReason: "net later", version: 2 });
    expect(await store.changes.saveLinked(jobId, { id, version: 1 }, [], "")).toBe(false);
    expect((await first())?.change.linked).toEqual(linked);
  });

  it("of another job's change are not reached", async () => {
    const { store, jobId, id, first } = await withOwn();
    expect(await store.changes.saveLinked(jobId + 1, { id, version: 1 }, linked, "")).toBe(false);
    expect((await first())?.change.version).toBe(1);
  });
});

describe("a change cut into a prototype", () => {
  it("says which, and is frozen: neither taken back nor ticked anew", async () => {
    const { store, jobId, id, first, cut } = await withOwn();
    expect(await cut()).toBe(2);
    expect((await first())?.change.cutInto).toBe(2);
    expect(await store.changes.withdraw(jobId, id, 1)).toBe(false);
    expect(await store.changes.saveLinked(jobId, { id, version: 1 }, [], "")).toBe(false);
  });

  it("is judged all the same", async () => {
    const { store, id, fittingId, first, cut } = await withOwn();
    await cut();
    await store.changes.judge(id, { fittingId, residualMm: 0, verdict: "cured", note: "" });
    expect((await first())?.judgement?.verdict).toBe("cured");
  });
});
