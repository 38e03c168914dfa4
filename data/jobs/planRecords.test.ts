import { describe, expect, it } from "vitest";
import { copyOf, SHIPPED_EASE_SETTINGS, type ShippedStyleId, type Style, styleOf } from "../../core/ease/index.ts";
import { newJob } from "../../core/job/index.ts";
import { SAMPLE_CLOTH } from "../../core/testing/index.ts";
import { temporaryStore } from "../testing/index.ts";

const person = { name: "Ilva", kind: "person", child: false, allergies: "", notes: "" } as const;
const brief = styleOf("brief") as Style & { id: ShippedStyleId };

describe("a job's choices", () => {
  it("come back as they were kept", async () => {
    const { store } = await temporaryStore();
    const wearerId = await store.wearers.add(person);
    const elastic = await store.cloths.add({ ...SAMPLE_CLOTH, kind: "elastic" });
    const chartId = await store.charts.add({ name: "C", notes: "", ease: "stretch", ownReduction: null, sizes: [] });
    const layupId = await store.layups.add({ name: "L", notes: "", layers: [] });
    const job = newJob({
      name: "Brief",
      styleId: "own-4",
      wearerId,
      sheetId: null,
      girthDirection: "bias",
      layupId,
      edgeElasticId: elastic,
      chartId,
      school: "profile",
      zones: { waist: { by: "own", garmentMm: 612 }, hip: { by: "pressure" } },
      pressuresKpa: { hip: 0.75 },
      openings: { waist: "zip" },
      patternLengthsMm: { strap: 330.2 },
    });
    const id = await store.jobs.add(job);
    expect(await store.jobs.find(id)).toEqual({ ...job, id, version: 1 });
    expect((await store.jobs.list({ search: "", page: 1 })).rows[0]).toMatchObject({ clothName: "L" });
  });
});

describe("garments that fit", () => {
  const garment = {
    name: "Grey brief",
    measuredOn: "2026-10-01",
    clothId: null,
    direction: "across",
    usable: 0.7,
    widthsMm: { waist: 329 },
    lengthsMm: { frontRise: 312 },
    notes: "",
  } as const;

  it("come newest first, are saved once a version, and can be taken off", async () => {
    const { store } = await temporaryStore();
    const wearerId = await store.wearers.add(person);
    const first = await store.liked.add({ ...garment, wearerId });
    await store.liked.add({ ...garment, wearerId, name: "Older", measuredOn: "2025-01-01" });
    const all = await store.liked.ofWearer(wearerId);
    expect(all.map(({ name }) => name)).toEqual(["Grey brief", "Older"]);
    expect(all[0]).toEqual({ ...garment, wearerId, id: first, version: 1 });
    const mine = { ...garment, wearerId, id: first, version: 1 };
    expect((await store.liked.save({ ...mine, usable: 0.5 })).saved).toBe(true);
    expect(await store.liked.save(mine)).toMatchObject({ saved: false, theirs: { usable: 0.5, version: 2 } });
    await store.liked.remove(first);
    expect(await store.liked.find(first)).toBeNull();
  });
});

describe("styles", () => {
  it("are found by their id, shipped or own, and no other text names one", async () => {
    const { store } = await temporaryStore();
    const id = await store.styles.add({ ...copyOf(brief), name: "Ours", zones: ["hip", "leg"] });
    expect(await store.styles.find("brief")).toBe(brief);
    expect(await store.styles.find(`own-${id}`)).toMatchObject({ name: "Ours", zones: ["hip", "leg"] });
    expect(await store.styles.find(`own-${id + 1}`)).toBeNull();
    expect(await store.styles.find("own-x" as "own-1")).toBeNull();
  });

  it("of the workshop are saved once a version", async () => {
    const { store } = await temporaryStore();
    const id = await store.styles.add(copyOf(brief));
    const own = { ...copyOf(brief), id, version: 1 };
    expect((await store.styles.save({ ...own, name: "First" })).saved).toBe(true);
    expect(await store.styles.save({ ...own, name: "Second" })).toMatchObject({
      saved: false,
      theirs: { name: "First" },
    });
    expect((await store.styles.own()).map(({ name }) => name)).toEqual(["First"]);
  });
});

describe("size charts", () => {
  const chart = {
    name: "Tide",
    notes: "n",
    ease: "loose",
    ownReduction: -0.08,
    sizes: [{ name: "38", body: { waist: 700 }, finished: {} }],
  } as const;

  it("are listed by name, searched, and saved once a version", async () => {
    const { store } = await temporaryStore();
    const id = await store.charts.add(chart);
    await store.charts.add({ ...chart, name: "Harbour" });
    const list = async (search: string) => (await store.charts.list({ search, page: 1 })).rows.map(({ name }) => name);
    expect([await list(""), await list("tid"), await list("%")]).toEqual([["Harbour", "Tide"], ["Tide"], []]);
    expect(await store.charts.find(id)).toEqual({ ...chart, id, version: 1 });
    expect((await store.charts.save({ ...chart, id, version: 1, ownReduction: null })).saved).toBe(true);
    expect(await store.charts.save({ ...chart, id, version: 1 })).toMatchObject({
      saved: false,
      theirs: { ownReduction: null },
    });
  });
});

describe("settings", () => {
  it("are read several at once, and kept once a version", async () => {
    const { store } = await temporaryStore();
    expect(await store.settings.findAll(["ease", "cloth"])).toEqual({
      ease: { value: null, version: 0 },
      cloth: { value: null, version: 0 },
    });
    const value = { ...SHIPPED_EASE_SETTINGS, sizeStep: 2 };
    expect((await store.settings.save("ease", { value, version: 0 })).saved).toBe(true);
    expect(await store.settings.save("ease", { value: SHIPPED_EASE_SETTINGS, version: 0 })).toEqual({
      saved: false,
      theirs: { value, version: 1 },
    });
    expect((await store.settings.findAll(["ease"])).ease).toEqual({ value, version: 1 });
  });
});
