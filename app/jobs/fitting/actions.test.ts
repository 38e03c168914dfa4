import { describe, expect, it } from "vitest";
import { elasticsCalculation } from "../../../core/elastics/index.ts";
import { readJob } from "../../.server/read/jobRecord.ts";
import { readWorkings } from "../../.server/read/workingContext.ts";
import type { Fields } from "../../form/unsaved.ts";
import { SEEN_FINDING as seen } from "../../testing/sentForms.ts";
import { act, findingsOf, fittingsOf, openDemoForEachTest, store, waiting } from "./actionsOnDemo.ts";

openDemoForEachTest();

describe("putting a finding", () => {
  it("keeps it with its place, and drops its draft", async () => {
    const { fitting } = await waiting();
    await store.drafts.put(`finding:${fitting}`, { amount: "24" }, "2026-11-24T10:00:00Z");
    expect(await act(2, 1, { ...seen, fitting })).toMatchObject({ status: 302, location: "/fitting" });
    expect((await findingsOf(2)).at(-1)).toMatchObject({ kind: "loose", amountMm: 24, x: 0.5, y: 0.46, change: null });
    expect(await store.drafts.find(`finding:${fitting}`)).toBeNull();
  });

  it("keeps nothing of a form with a mistake", async () => {
    const { fitting } = await waiting();
    expect((await act(2, 1, { ...seen, fitting, amount: "lots" })).errors).toHaveProperty("amount");
    expect(await findingsOf(2)).toHaveLength(2);
  });

  it("changes one from the version it was opened at, and not from an older one", async () => {
    const { fitting, first } = await waiting();
    const change = { ...seen, fitting, finding: String(first.id), version: "1", amount: "30" };
    expect((await act(2, 1, change)).status).toBe(302);
    expect((await findingsOf(2))[0]).toMatchObject({ amountMm: 30, version: 2 });
    expect((await act(2, 1, { ...change, amount: "40" })).status).toBe(409);
    expect((await findingsOf(2))[0]?.amountMm).toBe(30);
  });
});

describe("deciding", () => {
  it("takes the proposal as it is computed here", async () => {
    const { first } = await waiting();
    await act(2, 1, {
      intent: "decide",
      finding: String(first.id),
      decision: "accepted",
      seams: "2",
      version: "0",
      unit: "cm",
    });
    const change = (await findingsOf(2))[0]?.change;
    expect(change).toMatchObject({ decision: "accepted", share: 0.65, cutInto: null });
    expect(change?.amountMm).toBe(change?.proposedMm);
  });

  it("is refused where it was decided meanwhile, and can be taken back once", async () => {
    const { first } = await waiting();
    const word = {
      intent: "decide",
      finding: String(first.id),
      decision: "refused",
      reason: "waits",
      seams: "2",
      version: "0",
      unit: "cm",
    };
    expect((await act(2, 1, word)).status).toBe(302);
    expect(await act(2, 1, word)).toMatchObject({ status: 409, errors: { form: expect.stringMatching(/quicker/) } });
    const back = { intent: "withdraw", finding: String(first.id), version: "1" };
    expect((await act(2, 1, back)).status).toBe(302);
    expect((await act(2, 1, back)).status).toBe(409);
    expect((await findingsOf(2))[0]?.change).toBeNull();
  });
});

describe("taking off and putting back", () => {
  it("works for findings and readings", async () => {
    const { fitting, second } = await waiting();
    const off = await act(2, 1, { intent: "remove-finding", finding: String(second.id) });
    expect(off.location).toBe(`/fitting?removed=finding-${second.id}`);
    expect(await findingsOf(2)).toHaveLength(1);
    await act(2, 1, { intent: "bring-back", removed: `finding-${second.id}` });
    expect(await findingsOf(2)).toHaveLength(2);

    await act(2, 1, { intent: "reading", fitting, zone: "waist", kind: "lift", force: "2.1" });
    const reading = (await fittingsOf(2))[0]?.readings[0];
    expect(reading).toMatchObject({ newtons: 2.1, kind: "lift", heightMm: null });
    await act(2, 1, { intent: "remove-reading", fitting, reading: String(reading?.id) });
    expect((await fittingsOf(2))[0]?.readings).toEqual([]);
    await act(2, 1, { intent: "bring-back", removed: `reading-${reading?.id}` });
    expect((await fittingsOf(2))[0]?.readings).toHaveLength(1);
  });

  it("is not possible for what is already cut", async () => {
    const [cut] = await findingsOf(1);
    expect(await act(1, 1, { intent: "remove-finding", finding: String(cut?.id) })).toMatchObject({
      status: 409,
      errors: { form: expect.stringMatching(/closed/) },
    });
  });
});

describe("judging", () => {
  it("at the fitting of the prototype the change was cut into", async () => {
    const [cut] = await findingsOf(1);
    const fitting = (await fittingsOf(1)).at(-1);
    const word = {
      intent: "judge",
      change: String(cut?.change?.id),
      fitting: String(fitting?.id),
      was: "cured 2",
      left: "still",
      residual: "10",
      verdict: "",
      unit: "cm",
    };
    expect((await act(1, 2, word)).status).toBe(302);
    expect((await findingsOf(1))[0]?.judgement).toMatchObject({ residualMm: 10, verdict: "better" });
    expect((await act(1, 1, word)).status).toBe(409);
    // A second window that began on the older judgement.
    expect((await act(1, 2, { ...word, residual: "20" })).status).toBe(409);
    expect((await findingsOf(1))[0]?.judgement?.residualMm).toBe(10);
  });
});

describe("an edge that digs in", () => {
  const digs = { ...seen, kind: "digs", spot: "leg", amount: "", "detail.mark": "goes" };
  const putOn = async (fields: Fields) => {
    const fitting = (await fittingsOf(8)).at(-1);
    expect((await act(8, 3, { ...digs, fitting: String(fitting?.id), ...fields })).status).toBe(302);
    return (await findingsOf(8)).at(-1)?.detail;
  };

  it("is put down with the stretched part of its elastic, as Elastics has it on that prototype", async () => {
    const { kept, facts } = await readWorkings(store, await readJob(store, 8), "picked", 3);
    const { edges } = elasticsCalculation.reckon(kept.elastics.working, facts.elastics);
    const leg = edges.find(({ ring }) => ring.edge === "leg")?.chosen;
    const stretched = (await putOn({}))?.stretched;
    expect(stretched).toBeCloseTo(leg?.partsMm.at(-1) ?? 0, 6);
    expect(stretched).toBeGreaterThan(100);
  });

  it("keeps what was read", async () => {
    expect((await putOn({ "detail.stretched": "400" }))?.stretched).toBe(400);
    expect((await putOn({ amount: "6" }))?.stretched).toBeUndefined();
  });
});
