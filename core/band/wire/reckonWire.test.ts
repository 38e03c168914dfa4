import { describe, expect, it } from "vitest";
import { BREAST, byId, sampleBody } from "../../testing/index.ts";
import { reckonWire } from "./reckonWire.ts";
import { NEW_WIRE, type WireWorking } from "./working.ts";

const BARE = { body: null, elsewhere: {} };

describe("a wire that is too long", () => {
  const working = {
    ...NEW_WIRE,
    channelMm: 262,
    foldTopMm: 8,
    foldBridgeMm: 6,
    wireMm: 246,
    tipDistanceMm: 138,
    springMm: 6,
    diameterMm: 140,
  };

  it("raises the channel and the cup piece that meets it by the same", () => {
    const wire = reckonWire(working, { ...BARE, body: sampleBody(BREAST) });
    expect(byId(wire)).toMatchObject({ free: 2, raise: 8, tips: 144, "diameter-left": -2, "diameter-right": 4 });
    expect(wire.raises.map(({ piece, byMm }) => [piece, byMm])).toEqual([
      ["Cradle and wing", 8],
      ["The cup piece that meets it", 8],
    ]);
    expect(wire.warnings).toEqual([
      expect.stringContaining("Only 2 mm"),
      expect.stringContaining("Right"),
      expect.stringContaining("differ by 6 mm"),
    ]);
  });

  it("split between underarm and bridge raises half at each", () => {
    const wire = reckonWire({ ...working, raiseAt: "both" }, BARE);
    expect(wire.raises.map(({ byMm }) => byMm)).toEqual([4, 4, 4, 4]);
  });

  it("with its tips further apart than its channel is long is doubted", () =>
    expect(reckonWire({ ...working, tipDistanceMm: 270 }, BARE).warnings[0]).toContain("one of the two is off"));

  it("has nothing to raise where it is free, and a longer one is wanted over 25 mm", () => {
    expect(reckonWire({ ...working, wireMm: 238 }, BARE).raises).toEqual([]);
    expect(reckonWire({ ...working, wireMm: 220 }, BARE).warnings[0]).toContain("too short");
  });
});

describe("wires of two sides", () => {
  const apart: WireWorking = {
    ...NEW_WIRE,
    sides: "apart",
    foldTopMm: 8,
    foldBridgeMm: 6,
    channelMm: 262,
    wireMm: 246,
    tipDistanceMm: 138,
    springMm: 6,
    diameterMm: 140,
    rightChannelMm: 250,
    rightWireMm: 224,
    rightTipDistanceMm: 130,
    rightSpringMm: 5,
    rightDiameterMm: 136,
  };

  it("are fitted each to its own channel and its own root", () => {
    const reckoning = reckonWire(apart, { ...BARE, body: sampleBody(BREAST) });
    expect(byId(reckoning)).toEqual({
      "free-left": 2,
      "raise-left": 8,
      "tips-left": 144,
      "diameter-left": -2,
      "free-right": 12,
      "tips-right": 135,
      "diameter-right": 0,
    });
    expect(reckoning.wires.map(({ side }) => side)).toEqual(["left", "right"]);
    expect(new Set(reckoning.raises.map(({ side }) => side))).toEqual(new Set(["left"]));
    expect(reckoning.warnings).toEqual(["Left: Only 2 mm free: the wire wants 10 mm to move."]);
  });

  it("say of which side something is lacking, and give the other", () => {
    const reckoning = reckonWire({ ...apart, rightWireMm: null, foldTopMm: 8 }, { ...BARE, body: sampleBody(BREAST) });
    expect(reckoning.lacks).toEqual([{ what: "entry", name: "the wire, tip to tip along its curve, right" }]);
    expect(reckoning.wires.map(({ side }) => side)).toEqual(["left"]);
    expect(byId(reckoning)).toMatchObject({ "free-left": 2, "diameter-right": 0 });
  });

  it("ask for what both share once", () =>
    expect(reckonWire({ ...apart, foldTopMm: null }, BARE).lacks.filter(({ what }) => what === "entry")).toEqual([
      { what: "entry", name: "what the top edge’s finish takes" },
    ]));

  it("that are alike keep the right's values for when they are wanted again, unused", () =>
    expect(reckonWire({ ...apart, sides: "alike", rightWireMm: 1 }, BARE).wires).toHaveLength(1));
});
