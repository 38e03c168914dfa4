import { beforeAll, describe, expect, it } from "vitest";
import { judgeLayup, layupTensionAt, SHIPPED_CLOTH_SETTINGS, tensionAt } from "../../../core/cloth/index.ts";
import { drawPieces } from "../../../core/pieces/index.ts";
import type { Store } from "../../../data/store.ts";
import { demoInMemory } from "../../../data/testing/index.ts";
import { easeSources } from "./jobPlan.ts";
import { movedSinceLast, readJob, ringsToday } from "./jobRecord.ts";
import { judgedLayers, shelfChoices } from "./layupContext.ts";
import { readSteps } from "./rail.ts";
import { readWorkings } from "./workingContext.ts";

let store: Store;
beforeAll(async () => {
  store = await demoInMemory();
  return () => store.close();
});

describe("a job read whole", () => {
  it("has its plan, its rings with every decided change in, and its sources", async () => {
    const read = await readJob(store, 1);
    expect(ringsToday(read).map(({ zone, side, nowMm }) => `${zone} ${side} ${nowMm}`)).toEqual([
      "waist single 639",
      "highHip single 788",
      "hip single 846",
      "leg left 532",
      "leg right 532",
    ]);
    expect(movedSinceLast(read)).toEqual([]);
    expect(easeSources(read)).toMatchObject({
      sheet: "sheet of 30 Sep 2026",
      test: "hand test across, 28 Sep 2026",
      usable: expect.closeTo(0.62, 9),
    });
    const steps = await readSteps(store, read);
    expect(steps.map(({ state }) => state)).toEqual([...Array<string>(12).fill("done"), "look"]);
  });

  it("says what has moved in the plan since the last prototype, once the school is another", async () => {
    const read = await readJob(store, 2);
    const school = { ...read.job, school: "fixed" as const };
    await store.inTransaction(({ jobs }) => jobs.save(school));
    const moved = movedSinceLast(await readJob(store, 2));
    expect(moved.map(({ zone }) => zone)).toContain("waist");
    expect((await readSteps(store, await readJob(store, 2))).at(-1)).toMatchObject({
      state: "look",
      words: "2 findings open",
    });
  });

  it("has one strain for a band: its plan, its pieces, its wires and hooks say the same", async () => {
    const read = await readJob(store, 6);
    const { facts } = await readWorkings(store, read, "picked");
    const { draft } = drawPieces("wiredBraPieces", read.keptWorkings.wiredBraPieces.working, facts.wiredBraPieces);
    const drawn = draft?.numbers.find(({ id }) => id.endsWith("wingStrain"))?.explanation.result.value;
    const planned = read.planned.planned?.plan.zones.find(({ zone }) => zone === "underbust")?.chosen?.consequences;
    expect(planned?.strain).toBeCloseTo(drawn ?? Number.NaN, 6);
    expect(ringsToday(read).find(({ zone }) => zone === "underbust")?.consequences.strain).toBe(planned?.strain);
    const wear = read.planned.planned?.stretch.wear;
    expect(planned?.pull?.tensionNPerM).toBeCloseTo(wear ? tensionAt(wear, drawn ?? 0).tensionNPerM : Number.NaN, 6);
    // The school's own strain is what the wings are to come to by the Band step.
    expect(facts.band.plannedStrain).toBeCloseTo(drawn ?? Number.NaN, 3);
    expect(facts.band.drawn?.strain).toBe(planned?.strain);
  });

  it("without a plan has no rings and no sources of numbers that are not there", async () => {
    const read = await readJob(store, 3);
    expect(ringsToday(read)).toEqual([]);
    expect(
      read.planned.missing.map((thing) => (thing.what === "measure" ? `${thing.code} ${thing.side}` : thing.what)),
    ).toEqual([
      "leg_edge right",
      "waist_to_hip single",
      "crotch_front single",
      "crotch_back single",
      "crotch_depth single",
      "school",
    ]);
  });

  it("that is not there is a 404, not an error", async () => {
    await expect(readJob(store, 99)).rejects.toMatchObject({ data: { what: "job" }, init: { status: 404 } });
  });
});

describe("a layup read whole", () => {
  it("has each layer's curve by the counting test of its own direction", async () => {
    const layup = await store.layups.find(1);
    if (!layup) throw new Error("The demo has a layup.");
    const layers = await judgedLayers(store, layup, SHIPPED_CLOTH_SETTINGS);
    expect(layers.map(({ name }) => name)).toEqual(["1. Dawn swim knit", "2. Foam swim lining", "3. Sable power net"]);
    expect(judgeLayup(layers)).toMatchObject({ setBy: "3. Sable power net", withoutCurve: [], untested: [] });
    const sum = layupTensionAt(layers, 0.2);
    expect(sum?.tensionNPerM).toBeCloseTo(
      (sum?.parts ?? []).reduce((total, part) => total + part, 0),
      9,
    );
    for (const { wear } of layers) expect(wear).not.toBeNull();
  });

  it("says which layer was never tested that way", async () => {
    const layup = await store.layups.find(1);
    if (!layup) throw new Error("The demo has a layup.");
    const layers = await judgedLayers(
      store,
      {
        ...layup,
        layers: layup.layers.map((layer) => ({ ...layer, direction: "bias" })),
      },
      SHIPPED_CLOTH_SETTINGS,
    );
    expect(judgeLayup(layers).untested).toHaveLength(3);
  });

  it("offers the shelf by name and number", async () => {
    const choices = await shelfChoices(store);
    expect(choices.map(({ name }) => name)).toEqual(
      choices.map(({ name }) => name).toSorted((a, b) => a.localeCompare(b)),
    );
    expect(choices).toContainEqual({ id: 1, name: "Heron cotton jersey" });
  });
});
