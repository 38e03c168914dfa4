import { expect, it } from "vitest";
import { addWearer, temporaryStore } from "../testing/index.ts";

const change = {
  on: "length",
  spot: "waist",
  zone: "waist",
  side: "both",
  lengthId: "trunk",
  pieces: "front, back",
  line: "lengthen line",
  amountMm: 38,
  words: "+38 mm torso",
  madeOn: "2026-11-01",
} as const;

it("changes that stand for a wearer or a pattern are offered to their jobs, and to no others", async () => {
  const { store } = await temporaryStore();
  const [ilva, orla] = [await addWearer(store), await addWearer(store, "Orla Fenn")];
  const sizes = [{ name: "38", body: { waist: 700 }, finished: {} }];
  const chart = await store.charts.add({ name: "Tide", notes: "", ease: "stretch", ownReduction: null, sizes });
  const hers = await store.standing.add({ ...change, wearerId: ilva, chartId: null });
  const itsOwn = await store.standing.add({ ...change, words: "Underarm +7", wearerId: null, chartId: chart });
  const offered = async (wearer: number, chartId: number | null) =>
    (await store.standing.forJob(wearer, chartId)).map(({ id }) => id).toSorted();
  expect(await offered(ilva, null)).toEqual([hers]);
  expect(await offered(ilva, chart)).toEqual([hers, itsOwn]);
  expect(await offered(orla, chart)).toEqual([itsOwn]);
  expect(await offered(orla, null)).toEqual([]);
  expect((await store.standing.forJob(ilva, null))[0]).toEqual({ ...change, id: hers, wearerId: ilva, chartId: null });
  expect(await store.standing.remove(hers)).toBe(true);
  expect(await store.standing.remove(hers)).toBe(false);
  expect(await offered(ilva, chart)).toEqual([itsOwn]);
});
