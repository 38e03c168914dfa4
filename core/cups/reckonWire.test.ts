import { describe, expect, it } from "vitest";
import { byId } from "../testing/byId.ts";
import { BREAST, sampleBody } from "../testing/sampleBody.ts";
import { reckonWire } from "./reckonWire.ts";
import { NEW_WIRE } from "./workings.ts";

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
    const wire = reckonWire(working, { body: sampleBody(BREAST) });
    expect(byId(wire)).toMatchObject({ free: 2, raise: 8, tips: 144, "diameter-left": -2, "diameter-right": 4 });
    expect(wire.raises.map(({ piece, byMm }) => [piece, byMm])).toEqual([
      ["Cradle and wing", 8],
      ["The cup piece that meets it", 8],
    ]);
    expect(wire.warnings).toEqual([expect.stringContaining("Only 2 mm"), expect.stringContaining("Right")]);
  });

  it("split between underarm and bridge raises half at each", () => {
    const wire = reckonWire({ ...working, raiseAt: "both" }, { body: null });
    expect(wire.raises.map(({ byMm }) => byMm)).toEqual([4, 4, 4, 4]);
  });

  it("with its tips further apart than its channel is long is doubted", () =>
    expect(reckonWire({ ...working, tipDistanceMm: 270 }, { body: null }).warnings[0]).toContain(
      "one of the two is off",
    ));

  it("has nothing to raise where it is free, and a longer one is wanted over 25 mm", () => {
    expect(reckonWire({ ...working, wireMm: 238 }, { body: null }).raises).toEqual([]);
    expect(reckonWire({ ...working, wireMm: 220 }, { body: null }).warnings[0]).toContain("too short");
  });
});
