import { describe, expect, it } from "vitest";
import { sampleFrozen } from "../../core/testing/index.ts";
import { decision, temporaryStore, withPrototype } from "../testing/index.ts";

describe("findings", () => {
  it("can be taken off and brought back until their change is cut", async () => {
    const { store } = await temporaryStore();
    const { jobId, prototype, findingId } = await withPrototype(store);
    const findings = async () =>
      (await store.fittings.ofPrototypes([prototype.id])).flatMap((fitting) => fitting.findings);
    expect(await store.fittings.setFindingRemoved(findingId, true)).toBe(true);
    expect(await findings()).toEqual([]);
    await store.fittings.setFindingRemoved(findingId, false);
    await store.changes.decide(jobId, decision(findingId, 0));
    const [change] = (await findings()).map((finding) => finding.change);
    const frozen = sampleFrozen([{ changeId: change?.id ?? 0, zone: "waist", side: "both", amountMm: -13 }]);
    await store.prototypes.start({ jobId, number: 2, kind: "sewn", startedOn: "2026-10-10", frozen });
    expect((await findings())[0]?.change?.cutInto).toBe(2);
    expect(await store.fittings.setFindingRemoved(findingId, true)).toBe(false);
    expect(await store.changes.withdraw(jobId, change?.id ?? 0, 1)).toBe(false);
    expect((await store.changes.decide(jobId, decision(findingId, 1, -20))).saved).toBe(false);
  });

  it("know their job, removed ones included", async () => {
    const { store } = await temporaryStore();
    const { jobId, findingId } = await withPrototype(store);
    await store.fittings.setFindingRemoved(findingId, true);
    expect(await store.fittings.jobOf("finding", findingId)).toBe(jobId);
    expect(await store.fittings.jobOf("reading", 1)).toBeNull();
  });

  it("teach what their changes did, in cloth of one stretch class and made up in the real cloth", async () => {
    const { store } = await temporaryStore();
    const { jobId, prototype, fittingId, findingId } = await withPrototype(store);
    const { usable } = prototype.frozen.stretch;
    const outcomes = (from: number, to = Number.POSITIVE_INFINITY) => store.fittings.outcomesIn({ from, to });
    const decided = await store.changes.decide(jobId, { ...decision(findingId, 0), share: 0.5 });
    const changeId = decided.saved ? decided.value.id : 0;
    expect(await outcomes(0)).toEqual([]);
    await store.changes.judge(changeId, { fittingId, residualMm: 4, verdict: "better", note: "" });
    const [finding] = (await store.fittings.ofPrototypes([prototype.id])).flatMap(({ findings }) => findings);
    const amountMm = finding?.amountMm ?? 0;
    expect(await outcomes(usable)).toEqual([{ kind: finding?.kind, amountMm, doneMm: amountMm / 2, residualMm: 4 }]);
    expect(await outcomes(0, usable)).toEqual([]);
    expect(await outcomes(usable + 0.01)).toEqual([]);
    await store.fittings.setFindingRemoved(findingId, true);
    expect(await outcomes(0)).toEqual([]);
  });

  it("keep one judgement, the last", async () => {
    const { store } = await temporaryStore();
    const { jobId, prototype, fittingId, findingId } = await withPrototype(store);
    const decided = await store.changes.decide(jobId, decision(findingId, 0));
    const changeId = decided.saved ? decided.value.id : 0;
    await store.changes.judge(changeId, { fittingId, residualMm: 4, verdict: "better", note: "" });
    await store.changes.judge(changeId, { fittingId, residualMm: 0, verdict: "cured", note: "after a walk" });
    const [finding] = (await store.fittings.ofPrototypes([prototype.id])).flatMap((fitting) => fitting.findings);
    expect(finding?.judgement).toEqual({ fittingId, residualMm: 0, verdict: "cured", note: "after a walk" });
  });
});
