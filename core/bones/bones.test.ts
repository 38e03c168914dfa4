import { describe, expect, it } from "vitest";
import { distance } from "../drafting/index.ts";
import { CLOSED, CORSET_FACTS, sampleDraft } from "../testing/index.ts";
import {
  type BonesFacts,
  type BonesWorking,
  bonesCalculation,
  NEW_BONES,
  placeRows,
  withChannels,
  zipEnd,
} from "./index.ts";

const facts: BonesFacts = {
  draft: sampleDraft("corset", CORSET_FACTS),
  closed: CLOSED,
  usable: 0.02,
  source: "sheet",
  skirtMm: null,
  skirtHip: null,
};
const reckon = (own: Partial<BonesWorking> = {}, of: Partial<BonesFacts> = {}) =>
  bonesCalculation.reckon({ ...NEW_BONES, ...own }, { ...facts, ...of });
const ids = (own: Partial<BonesWorking> = {}, of: Partial<BonesFacts> = {}) =>
  reckon(own, of).bones.map(({ id }) => id);
const value = (id: string, own: Partial<BonesWorking> = {}, of: Partial<BonesFacts> = {}) =>
  reckon(own, of).numbers.find((one) => one.id === id)?.explanation.result.value;

describe("bones", () => {
  it("lie at each seam, within panels over 60 mm, and on both sides of the lacing", () => {
    expect(ids()).toEqual([
      ...["seam1", "panel1.1", "panel1.2", "seam2", "panel2.1", "seam3", "panel3.1", "seam4", "panel4.1"],
      ...["panel5.1", "back.outer", "back.inner"],
    ]);
    expect(ids({}, { closed: { ...CLOSED, laced: false, gapMm: 0 } }).filter((id) => id.startsWith("back"))).toEqual([
      "back.outer",
    ]);
  });

  it("are flat where the channel is straight, and bend sideways where it curves", () => {
    const kind = (id: string, own = {}) => reckon(own).bones.find((bone) => bone.id === id)?.kind;
    expect([kind("back.outer"), kind("seam2"), kind("seam2", { curved: "plastic" })]).toEqual([
      "flat",
      "spiral",
      "plastic",
    ]);
  });

  it("are the channel less 24 mm and what is turned, rounded down to what is sold", () => {
    // The back edge is 58 + 62 + 98 + 96 = 314 long.
    expect(value("bone.back.outer")).toBe(290);
    expect(value("bone.back.outer", { turnedMm: 8 })).toBe(280);
    expect(value("bone.back.outer", { stock: "inch" })).toBeCloseTo(22 * 12.7, 9);
  });

  it("are bought by kind and length, both sides together", () => {
    const { bones, toBuy } = reckon();
    expect(toBuy.reduce((sum, { count }) => sum + count, 0)).toBe(bones.reduce((sum, { count }) => sum + count, 0));
    expect(new Set(toBuy.map(({ kind, lengthMm }) => `${kind} ${lengthMm}`)).size).toBe(toBuy.length);
  });

  it("can be left out and put back, and placed by hand", () => {
    const own = { without: ["seam2"], own: [{ panel: 2, across: 25, kind: "flat" as const }] };
    expect(ids(own)).not.toContain("seam2");
    expect(ids(own)).toContain("own1");
    expect(reckon(own).leftOut.map(({ id }) => id)).toEqual(["seam2"]);
    expect(reckon({ own: [{ panel: 9, across: 50, kind: "flat" }] }).warnings.join(" ")).toMatch(
      /panel from 1 to 5 .* got panel 9/,
    );
  });

  it("wait for a reduction, and for panels", () => {
    expect(reckon({}, { closed: null })).toMatchObject({ bones: [], lacks: [{ step: "corset" }] });
    expect(reckon({}, { draft: null })).toMatchObject({ bones: [], lacks: [{ step: "pieces" }] });
  });
});

describe("what closes it", () => {
  it("is a waist tape of the closed waist less the gap, with its ends turned in", () => {
    expect(value("tape")).toBe(760 - 50 + 30);
    expect(value("tape", { tapeTurnMm: 20 })).toBe(760 - 50 + 40);
  });

  it("is laced with a lace for its rows; what opens in front passes nothing", () => {
    const rows = reckon().rows?.atMm.length ?? 0;
    expect(value("lace")).toBeCloseTo(2 * rows * Math.hypot(150, 22) + 600, 9);
    expect(value("openGap", {}, { closed: { ...CLOSED, opensInFront: false } })).toBe(1010 - 710);
  });

  it("is a busk where it opens in front: 62 + 66 + 96 + 90 less 24, by steps of 5", () =>
    expect(value("busk")).toBe(290));

  it("is a zip down to where what stays closed passes the body", () => {
    const closed = { ...CLOSED, laced: false, gapMm: 0 };
    // 920 to 1020 over 94 mm: 1010 / 1.02 is passed 74.5 % of the way on a cloth that gives 2 %.
    const end = zipEnd(closed, 0.02);
    expect(end).toMatchObject({ passMm: 1010, opensWhole: false });
    expect(end?.belowWaistMm).toBeCloseTo(100 + (94 * (1010 - 920 * 1.02)) / (100 * 1.02), 9);
    const narrow = { ...closed, levels: closed.levels.map((level) => ({ ...level, closedMm: level.closedMm - 60 })) };
    expect(zipEnd(narrow, 0.02)).toMatchObject({ opensWhole: true, belowWaistMm: 194 });
    expect(value("zip", {}, { closed })).toBeCloseTo(58 + 62 + (end?.belowWaistMm ?? 0), 6);
  });

  it("is marked level by level, its sides apart", () => {
    const { line } = reckon({ marked: [{ level: "waist", leftMm: 384, rightMm: 378 }] });
    expect(line.find(({ level }) => level === "waist")).toMatchObject({ halfMm: 380, leftMm: 384, rightMm: 378 });
  });
});

it("a skirt is held against the lower edge it is joined to", () => {
  const off = value("skirt", {}, { skirtMm: 1030 }) ?? Number.NaN;
  // Closed 1020 at the lower edge, which bends a little and is longer.
  expect(off).toBeLessThan(10);
  expect(off).toBeGreaterThan(0);
  expect(reckon({}, { skirtMm: 1030 }).warnings.join(" ")).toMatch(/skirt is \d+ mm longer than the bodice/);
  expect(reckon({}, { skirtMm: 1030 - off }).warnings).toEqual([]);
});

it("a triangle open behind has loops along both of its edges", () => {
  const draft = sampleDraft("corset", { ...CORSET_FACTS, options: { gap: 0, open_top: 60 } });
  const closed = { ...CLOSED, laced: false, gapMm: 0 };
  // 120 down and 30 across: 123.7 mm, five and a half times 22.
  expect(value("loops", {}, { draft, closed })).toBe(6);
  expect(value("loops", { pitchMm: 30 }, { draft, closed })).toBe(5);
  expect(value("loops", {}, { closed })).toBeUndefined();
});

describe("rows of eyelets", () => {
  const edge = { lengthMm: 314, waistMm: 120 };
  const gaps = (at: readonly number[]) => at.slice(1).map((mm, index) => mm - (at[index] ?? 0));

  it("have a close pair at the waist, all others by the pitch, and stay off the ends", () => {
    const rows = placeRows(edge, { pitchMm: 22 });
    if (!rows.ok) throw new Error(rows.problem.message);
    const { atMm } = rows.value;
    expect(gaps(atMm).filter((mm) => Math.abs(mm - 22) > 1e-9)).toEqual([10]);
    expect(atMm.filter((mm) => Math.abs(mm - 120) <= 5)).toEqual([115, 125]);
    expect(atMm[0]).toBeGreaterThanOrEqual(12);
    expect(atMm.at(-1)).toBeLessThanOrEqual(302);
  });

  it.each([2, 3, 8, 12, 16])("can be as many as wanted: %d", (count) => {
    const rows = placeRows(edge, { rows: count });
    expect(rows.ok && rows.value.atMm.length).toBe(count);
  });

  it("more than fit are named, and an edge without room for the pair", () => {
    expect(placeRows(edge, { rows: 60 })).toMatchObject({
      ok: false,
      problem: { code: "more-than-fit", message: "Expected at most 24 rows along 314 mm, but got 60." },
    });
    expect(placeRows({ lengthMm: 200, waistMm: 10 }, { pitchMm: 22 })).toMatchObject({ ok: false });
    expect(reckon({ rows: 60 }).warnings.join(" ")).toMatch(/at most 24 rows/);
  });
});

describe("channels on the pieces", () => {
  const draft = sampleDraft("corset", { ...CORSET_FACTS, options: { gap: 50, lining: "whole" } });
  const drawn = withChannels(draft, NEW_BONES, CLOSED);

  it("are as long as the bones in them, what is free shared by both ends", () => {
    const { bones } = reckon({}, { draft });
    const seam = bones.find(({ id }) => id === "seam2");
    const channel = drawn.pieces.flatMap(({ channels = [] }) => channels).find(({ id }) => id === "seam2");
    const way = channel?.way ?? [];
    const length = way.slice(1).reduce((sum, to, at) => sum + distance(way[at] ?? to, to), 0);
    expect(length).toBeCloseTo(seam?.lengthMm ?? Number.NaN, 3);
    const top = way[0] && seam?.way[0] ? distance(way[0], seam.way[0]) : 0;
    expect(top).toBeCloseTo(((seam?.channelMm ?? 0) - (seam?.lengthMm ?? 0)) / 2, 0);
  });

  it("lie on the shell alone, and none is drawn that is too short for a bone", () => {
    expect(drawn.pieces.filter(({ role, channels }) => role === "lining" && channels)).toEqual([]);
    const none = withChannels(draft, { ...NEW_BONES, turnedMm: 600 }, CLOSED);
    expect(none.pieces.every(({ channels }) => channels === undefined)).toBe(true);
  });
});
