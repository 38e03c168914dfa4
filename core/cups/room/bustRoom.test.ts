import { describe, expect, it } from "vitest";
import { type BustRoomInput, bustRoom } from "./bustRoom.ts";
import { roomWays, tissueNotes } from "./roomWays.ts";
import { NEW_BUST_ROOM } from "./working.ts";

const BODY: BustRoomInput = {
  bustMm: 1000,
  overbustMm: 940,
  patternBustMm: 800,
  usable: 0.6,
  draftedDifferenceMm: 50,
  plannedGarmentMm: 850,
  plannedStrain: null,
};
const room = (own: Partial<BustRoomInput>) => bustRoom({ ...BODY, ...own });

describe("bust room", () => {
  it.each([
    ["no more than the pattern is drafted for", { overbustMm: 950 }, "none", "difference"],
    ["a little more", { overbustMm: 949.9 }, "optional", "difference"],
    ["25 mm more", { overbustMm: 925 }, "optional", "difference"],
    ["over 25 mm more", { overbustMm: 924.9 }, "needed", "difference"],
    ["strained up to 0.6 of what the cloth gives", { patternBustMm: 735.3, overbustMm: 960 }, "none", "difference"],
    ["strained past it", { patternBustMm: 735, overbustMm: 960 }, "needed", "strain"],
  ] as const)("%s is %s room, decided by %s", (...[, own, verdict, decidedBy]) => {
    expect(room(own)).toMatchObject({ verdict, decidedBy });
  });

  it("full is what the plan has over the pattern", () => {
    expect(room({}).fullRoomMm).toBe(50);
    expect(room({ plannedGarmentMm: 780 }).fullRoomMm).toBe(0);
  });

  it("full without a plan is the difference over what it is drafted for, as cut", () => {
    expect(room({ plannedGarmentMm: null, overbustMm: 900 }).fullRoomMm).toBe(50);
    expect(room({ plannedGarmentMm: null, overbustMm: 900, plannedStrain: 0.25 }).fullRoomMm).toBe(40);
    expect(room({ plannedGarmentMm: null, overbustMm: 960 }).fullRoomMm).toBe(0);
  });

  it("least brings the bust down to 0.6 of the usable stretch, and is none where it is there", () => {
    const { leastRoomMm } = room({ patternBustMm: 700 });
    expect(1000 / (700 + leastRoomMm) - 1).toBeCloseTo(0.36, 12);
    expect(room({ patternBustMm: 900 }).leastRoomMm).toBe(0);
  });

  it("of a firm cloth is needed sooner than of a stretchy one", () => {
    expect(room({ usable: 0.3, overbustMm: 960 }).decidedBy).toBe("strain");
    expect(room({ usable: 0.9, overbustMm: 960 }).verdict).toBe("none");
  });
});

describe("ways of giving 60 mm", () => {
  const way = (id: string, own: object = {}) =>
    roomWays(60, { ...NEW_BUST_ROOM, ...own }).find(({ school }) => school === id);

  it("are three, each giving half of it at a side, or saying what is short", () => {
    expect(roomWays(60, NEW_BUST_ROOM).map(({ school }) => school)).toEqual(["fullerLine", "slash", "dart"]);
    expect(way("slash")).toMatchObject({ givesMm: 30, shortMm: 0 });
    expect(way("dart")).toMatchObject({ givesMm: 30, shortMm: 0 });
    expect(way("fullerLine", { fullerLineMm: 22 })).toMatchObject({ givesMm: 22, shortMm: 8 });
    expect(way("fullerLine", { fullerLineMm: 40 })).toMatchObject({ givesMm: 40, shortMm: 0 });
  });

  it("by a fuller line nobody measured give nothing that is known", () => {
    expect(way("fullerLine")).toMatchObject({ givesMm: null, shortMm: 0 });
  });

  it("by a slash widen the waist by all of it, and say so; the others leave it", () => {
    expect(way("slash")).toMatchObject({
      atWaistMm: 60,
      cautions: [expect.stringMatching(/waist grows by the whole/)],
    });
    expect([way("fullerLine")?.atWaistMm, way("dart")?.atWaistMm]).toEqual([0, 0]);
  });

  it.each([
    ["softLow", "fullerLine", /^Suits soft and low/],
    ["wide", "slash", /^Suits wide set/],
    ["firm", "dart", /^Suits firm/],
  ])("for tissue %s %s is told to suit", (tissue, school, words) => {
    expect(way(school, { tissue })?.suits).toMatch(words);
  });
});

it("carries how tissue sits and how the edge runs into the fitting", () => {
  expect(tissueNotes({ tissue: "firm", plunge: false })).toEqual([]);
  expect(tissueNotes({ tissue: "softLow", plunge: true })).toEqual([
    expect.stringMatching(/^Soft and low tissue/),
    expect.stringMatching(/^The plunging edge/),
  ]);
  expect(tissueNotes({ tissue: "wide", plunge: false })).toEqual([expect.stringMatching(/^Wide-set tissue/)]);
});
