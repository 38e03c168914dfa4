import { RouterContextProvider } from "react-router";
import { beforeEach, describe, expect, it } from "vitest";
import { picksOf, reckonWorking, WORKING_IDS } from "../../../core/workings/index.ts";
import { bareWorkings } from "../../../data/jobs/index.ts";
import type { Store } from "../../../data/store.ts";
import { demoInMemory } from "../../../data/testing/index.ts";
import type { Fields } from "../../form/unsaved.ts";
import { readWorking, workingFields } from "../../jobs/calculation/readWorking.ts";
import { saveWorking } from "../../jobs/calculation/saveWorking.server.ts";
import { workingDraft } from "../../jobs/calculation/workingDraft.ts";
import { storeContext } from "../http/context.ts";
import { readJob } from "./jobRecord.ts";
import { readSteps, stepsOfPage } from "./rail.ts";
import { loadWorkings, readWorkings } from "./workingContext.ts";

let store: Store;
beforeEach(async () => {
  store = await demoInMemory();
  return () => store.close();
});

const stepsOf = async (jobId: number) => {
  const read = await readJob(store, jobId);
  const steps = await readSteps(store, read);
  return steps.filter(({ shapes }) => shapes).map(({ id, state, words }) => `${id} ${state}: ${words}`);
};

describe("the steps of torso, cups and band", () => {
  it("stand where the demo's jobs stand", async () => {
    expect(await stepsOf(1)).toEqual([
      "torso done: rises by the plan",
      "pieces done: 4 pieces",
      "elastics done: if its edges have any",
    ]);
    expect(await stepsOf(4)).toEqual([
      "torso look: +39 mm, 9 linked to tick",
      "cups done: if it needs room",
      "pieces look: 1 rule broken",
      "elastics done: 4 edges",
    ]);
    expect(await stepsOf(5)).toEqual([
      "cups done: worked out",
      "band look: 2 things to mend",
      "pieces done: 16 pieces",
      "elastics done: if its edges have any",
    ]);
    expect(await stepsOf(6)).toEqual([
      "cups done: worked out",
      "band look: 5 things to mend",
      "pieces done: 14 pieces",
      "elastics done: if its edges have any",
    ]);
  });

  it("begin with what is not worked out yet, and say where something lacks", async () => {
    const job = await store.jobs.find(6);
    if (!job) throw new Error("no job");
    const id = await store.jobs.add({ ...job, name: "Bare" });
    expect(await stepsOf(id)).toEqual([
      "cups look: the sides differ",
      "band next: not worked out yet",
      "pieces next: not drawn yet",
      "elastics done: if its edges have any",
    ]);
    const bodysuit = await store.jobs.add({ ...job, name: "Suit", styleId: "bodysuit" });
    await store.workings.save(bodysuit, "trunk", {
      working: bareWorkings(await store.workings.ofJob(4)).trunk,
      texts: {},
      version: 0,
    });
    expect((await stepsOf(bodysuit))[0]).toBe("torso missing: something lacking");
  });

  it("stand between pattern and prototypes on the page", async () => {
    const context = new RouterContextProvider();
    context.set(storeContext, store);
    const steps = await stepsOfPage(context, await readJob(store, 6));
    expect(steps.map(({ id }) => id)).toEqual([
      "body",
      "cloth",
      "ease",
      "pattern",
      "cups",
      "band",
      "parts",
      "pieces",
      "elastics",
      "layout",
      "materials",
      "seams",
      "sewing",
      "prototypes",
    ]);
  });
});

describe("the facts of a calculation", () => {
  it("are for the rail read with the elastics that were picked, and stand as on the page", async () => {
    const read = await readJob(store, 6);
    const [rail, page] = [await readWorkings(store, read, "picked"), await readWorkings(store, read, "shelf")];
    const picked = WORKING_IDS.flatMap((id) => picksOf(id, rail.kept[id].working));
    const ids = new Set(picked.map((one) => one.id));
    expect(rail.facts.band.elastics.map((one) => one.id)).toEqual([...ids].toSorted((a, b) => a - b));
    expect(rail.facts.band.elastics.length).toBeLessThan(page.facts.band.elastics.length);
    for (const id of WORKING_IDS) {
      const { working } = rail.kept[id];
      expect(reckonWorking(id, working, rail.facts[id])).toEqual(reckonWorking(id, working, page.facts[id]));
    }
  });

  it("are the job's plan, its pattern and the elastics of the shelf", async () => {
    const { facts } = await readWorkings(store, await readJob(store, 4), "shelf");
    expect(facts.bustRoom.chartBust?.words).toMatch(/^size \d\d of Harbour one-piece block$/);
    expect(facts.trunk.chart?.sizes[0]).toEqual({ name: "34", bodyMm: 1430, finishedMm: null });
    expect(facts.trunk.innerLayers).toEqual(["Foam swim lining", "Sable power net"]);
    expect(facts.trunk.wraps.map(({ name, loop }) => [name, loop.trunkLoop])).toEqual([["First wrap, standing", 1553]]);
    const wired = (await readWorkings(store, await readJob(store, 6), "shelf")).facts;
    expect(wired.band.elastics.map(({ name, forceN }) => `${name}: ${forceN ? "tested" : "no ladder"}`)).toContain(
      "Fold-over elastic 15: no ladder",
    );
    expect(wired.trunk.wraps).toEqual([]);
  });

  it("keep the wings' own strain once the band was made the plan's underbust", async () => {
    const before = (await readWorkings(store, await readJob(store, 6), "shelf")).facts.band.plannedStrain;
    const job = await store.jobs.find(6);
    if (!job) throw new Error("no job");
    await store.jobs.save({ ...job, zones: { underbust: { by: "own", garmentMm: 716 } } });
    const after = (await readWorkings(store, await readJob(store, 6), "shelf")).facts.band.plannedStrain;
    expect(after).toBe(before);
  });
});

describe("keeping a calculation", () => {
  const typed = async (own: Fields): Promise<Fields> => ({
    ...workingFields("wire", await store.workings.find(6, "wire")),
    ...{ working: "wire", version: "1", unit: "cm", ...own },
  });

  it("keeps what was typed with its unit, and drops the draft", async () => {
    await store.drafts.put(workingDraft(6, "wire"), { wireMm: "238" }, "2026-11-25T10:00:00Z");
    const fields = await typed({ wireMm: "9 3/8 in" });
    await saveWorking(fields, 6, store, "/jobs/6/band");
    const kept = await store.workings.find(6, "wire");
    expect(kept).toMatchObject({ version: 2, working: { wireMm: 238.125 }, texts: { wireMm: "9 3/8 in" } });
    expect(readWorking("wire", fields, kept.working).working).toEqual(kept.working);
    expect(await store.drafts.find(workingDraft(6, "wire"))).toBeNull();
  });

  it("keeps nothing of a form with a slip, and shows both where another window was first", async () => {
    const slip = await saveWorking(await typed({ wireMm: "long" }), 6, store, "/");
    expect(slip).toMatchObject({ data: { errors: { wireMm: expect.stringContaining("“long”") } } });
    await saveWorking(await typed({ wireMm: "240" }), 6, store, "/");
    const late = await saveWorking(await typed({ wireMm: "250" }), 6, store, "/");
    expect(late).toMatchObject({
      data: { theirs: { version: 2, rows: [{ name: "wireMm", yours: "250", theirs: "240 mm" }] } },
    });
    expect((await store.workings.find(6, "wire")).working.wireMm).toBe(240);
  });

  it("of a name that is none, or of a job that is not there, is a page that does not exist", async () => {
    await expect(saveWorking({ working: "sleeve" }, 6, store, "/")).rejects.toMatchObject({ init: { status: 404 } });
    await expect(saveWorking(await typed({}), 99, store, "/")).rejects.toMatchObject({ init: { status: 404 } });
  });

  it("is loaded with its draft, so that nothing typed is lost", async () => {
    const context = new RouterContextProvider();
    context.set(storeContext, store);
    await store.drafts.put(workingDraft(6, "wire"), { wireMm: "238" }, "2026-11-25T10:00:00Z");
    const { pages } = await loadWorkings(
      { request: new Request("http://stenz.test/jobs/6/band"), params: { jobId: "6" }, context },
      ["wire", "band"],
    );
    expect(pages.wire.draft).toEqual({ wireMm: "238" });
    expect(pages.band).toMatchObject({ draft: null, start: { rigidMm: "", heightMm: "62 mm", topRatio: "0.92" } });
  });
});
