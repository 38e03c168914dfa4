import { beforeEach, describe, expect, it } from "vitest";
import type { Store } from "../store.ts";
import { demoInMemory } from "../testing/index.ts";
import type { FindingQuery } from "./findingSearch.ts";

let store: Store;
beforeEach(async () => {
  store = await demoInMemory();
  return () => store.close();
});

const search = async (own: Partial<FindingQuery>) =>
  (await store.searchFindings({ words: "", kind: null, spot: null, usable: null, ...own })).rows;

describe("the search over all findings", () => {
  it("finds by what makers call a place, by note and by the beginning of a word", async () => {
    expect((await search({ words: "sway back" })).map(({ kind, spot }) => [kind, spot])).toEqual([
      ["pool", "smallOfBack"],
    ]);
    expect((await search({ words: "PUSH-OFF still" })).map(({ note }) => note)).toEqual([
      "Still slides at the push-off.",
    ]);
    expect((await search({ words: "swi kni" })).length).toBeGreaterThan(0);
    expect(await search({ words: "sway hip" })).toEqual([]);
  });

  it("finds by a sentence, by one word or two, by plural, by what the page itself promises, and by a layup's name", async () => {
    const pools = async (words: string) =>
      (await search({ words })).filter(({ spot }) => spot === "smallOfBack").length;
    expect(await pools("Sway back, in soft knits")).toBeGreaterThan(0);
    expect(await pools("swayback")).toBe(await pools("sway back"));
    expect((await search({ words: "knits" })).length).toBe((await search({ words: "knit" })).length);
    expect((await search({ words: "knits" })).length).toBeGreaterThan(0);
    expect((await search({ words: "the of in" })).length).toBe((await search({})).length);
  });

  it("shows what was found in the order asked for, a page at a time", async () => {
    const all = await search({});
    const idsBy = async (order: FindingQuery["order"]) => (await search(order ? { order } : {})).map(({ id }) => id);
    expect(await idsBy("oldest")).toEqual((await idsBy("newest")).toReversed());
    const amounts = (await search({ order: "largest" })).map(({ amountMm }) => amountMm ?? -1);
    expect(amounts).toEqual(amounts.toSorted((a, b) => b - a));
    const smallest = (await search({ order: "smallest" })).flatMap(({ amountMm }) => amountMm ?? []);
    expect(smallest).toEqual(smallest.toSorted((a, b) => a - b));
    const left = (await search({ order: "mostLeft" })).map(({ residualMm }) =>
      residualMm === null ? -1 : Math.abs(residualMm),
    );
    expect(left).toEqual(left.toSorted((a, b) => b - a));
    const beyond = await store.searchFindings({ words: "", kind: null, spot: null, usable: null, page: 99 });
    expect(beyond).toMatchObject({ page: 1, pageCount: 1, total: all.length, more: false });
  });

  it("tells what was done: at which line, on which pieces", async () => {
    const [done] = await search({ kind: "loose", spot: "waist" });
    expect(done).toMatchObject({ on: "girth", pieces: "front, back", line: expect.stringMatching(/seam/) });
  });

  it("takes signs in the words as they are, never as an order", async () => {
    for (const words of ['"', "loose OR", "near(", "*", "waist -"])
      expect(Array.isArray(await search({ words })), words).toBe(true);
    expect((await search({ words: "waist *" })).length).toBeGreaterThan(0);
  });

  it("tells what was taken and what it did, the newest first", async () => {
    const [newest, ...older] = await search({ kind: "loose", spot: "waist" });
    expect(newest?.id).toBeGreaterThan(older[0]?.id ?? 0);
    const cured = older.find(({ jobName }) => jobName === "High-waisted brief");
    expect(cured).toMatchObject({
      amountMm: 24,
      share: 0.65,
      verdict: "cured",
      residualMm: 2,
      wearerName: "Ilva Thornbeck",
    });
    expect(cured?.changeMm).toBeLessThan(0);
  });

  it("keeps to a stretch class, and leaves out what was taken off", async () => {
    const all = await search({});
    const usable = all.find(({ jobName }) => jobName === "High-waisted brief")?.usable ?? 0;
    const inClass = await search({ usable: { from: usable, to: usable + 0.001 } });
    expect(inClass.length).toBeGreaterThan(0);
    expect(inClass.every((row) => row.usable === usable)).toBe(true);
    const open = all.find(({ decision, jobName }) => decision === null && jobName === "Lane-swimming bottom");
    await store.fittings.setFindingRemoved(open?.id ?? 0, true);
    expect(await search({})).toHaveLength(all.length - 1);
  });

  it("follows an edit of the note", async () => {
    const row = (await search({})).find(({ decision, note }) => decision === null && note !== "");
    const prototypes = await store.prototypes.ofJob(row?.jobId ?? 0);
    const findings = (await store.fittings.ofPrototypes(prototypes.map(({ id }) => id))).flatMap((one) => one.findings);
    const finding = findings.find(({ id }) => id === row?.id);
    if (!finding) throw new Error("The finding is there.");
    await store.fittings.saveFinding({ ...finding, note: "Wobbles sideways." });
    expect((await search({ words: "wobbles" })).map(({ id }) => id)).toEqual([finding.id]);
    await store.fittings.saveFinding({ ...finding, note: "Creeps upward.", version: finding.version + 1 });
    expect((await search({ words: "creeps" })).map(({ id }) => id)).toEqual([finding.id]);
    expect(await search({ words: "wobbles" })).toEqual([]);
  });
});

it("keeps what a screen has sent by its key", async () => {
  const key = "0123456789abcdef0123456789abcdef";
  expect(await store.received.find(key)).toBeNull();
  await store.received.put(key, "kept", "2026-11-25T10:00:00Z");
  expect(await store.received.find(key)).toBe("kept");
  await expect(store.received.put(key, "kept", "2026-11-25T10:00:01Z")).rejects.toThrow(/UNIQUE/);
});
