import { describe, expect, it } from "vitest";
import { byId, sampleBody } from "../../testing/index.ts";
import { type BustRoomFacts, reckonBustRoom } from "./reckonBustRoom.ts";
import { NEW_BUST_ROOM } from "./working.ts";

describe("bust room", () => {
  const facts: BustRoomFacts = {
    body: sampleBody({ bust: 1000, overbust: 900 }),
    chartBust: null,
    usable: 0.5,
    plannedGarmentMm: 900,
    draftedDifferenceMm: 50,
    settingsName: "settings as shipped",
  };

  it("shows full and least, each side half of the chosen, and the three ways with what they do to the waist", () => {
    const room = reckonBustRoom({ ...NEW_BUST_ROOM, patternBustMm: 760 }, facts);
    expect(byId(room)).toMatchObject({ full: 140, least: expect.closeTo(1000 / 1.3 - 760, 9), perSide: 70 });
    expect(room.ways.map(({ school, atWaistMm }) => [school, atWaistMm])).toEqual([
      ["fullerLine", 0],
      ["slash", 140],
      ["dart", 0],
    ]);
    expect(room.headline).toContain("Room is needed");
  });

  it("says what a fuller line is short of", () => {
    const fuller = { ...NEW_BUST_ROOM, patternBustMm: 860, fullerLineMm: 12 };
    expect(reckonBustRoom(fuller, facts).ways[0]).toMatchObject({ givesMm: 12, shortMm: 8 });
  });

  it("takes the chart's finished bust where none is typed, and without either names it", () => {
    const chart = { mm: 850, words: "size 40" };
    expect(reckonBustRoom(NEW_BUST_ROOM, { ...facts, chartBust: chart }).room?.fullRoomMm).toBe(50);
    expect(reckonBustRoom(NEW_BUST_ROOM, facts).lacks).toEqual([
      { what: "entry", name: "the pattern’s girth at the bust" },
    ]);
    expect(reckonBustRoom(NEW_BUST_ROOM, { ...facts, usable: null }).lacks).toContainEqual({
      what: "plan",
      message: expect.stringContaining("tested"),
    });
  });
});
