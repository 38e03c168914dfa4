import { describe, expect, it } from "vitest";
import { tensionCurve } from "../../cloth/index.ts";
import { cupVolumeCm3 } from "../../cups/index.ts";
import { BREAST, byId, sampleBody, shelfSample } from "../../testing/index.ts";
import { reckonStrap, type StrapFacts } from "./reckonStrap.ts";
import { NEW_STRAP } from "./working.ts";

const ELASTIC = shelfSample({ id: 7, name: "Plush", forceN: tensionCurve([[0.5, 4]]) });

describe("straps", () => {
  const facts: StrapFacts = {
    body: sampleBody({ ...BREAST, strap_front: 258, strap_back: 314 }),
    strapStrain: 0.08,
    settingsName: "settings as shipped",
    elastics: [ELASTIC],
  };

  it("by hand, with the weight of the larger side on their width", () => {
    const found = byId(reckonStrap({ ...NEW_STRAP, hardwareMm: 24, allowanceMm: 40, widthMm: 15 }, facts));
    expect(found.cut).toBeCloseTo((572 - 24) / 1.08 + 40, 9);
    const volume = cupVolumeCm3({ rootWidthMm: 142, rootHeightMm: 125, projectionMm: 96 });
    expect(found.weight).toBeCloseTo(0.0093 * volume, 9);
    expect(found.line).toBeCloseTo((0.0093 * volume) / 1.5, 9);
  });

  it("of cloth that does not stretch is as long as its way", () => {
    const found = byId(reckonStrap({ ...NEW_STRAP, hardwareMm: 24, allowanceMm: 40, by: "rigid" }, facts));
    expect(found.cut).toBeCloseTo(572 - 24 + 40, 9);
  });

  it("of hardware longer than the path have no length", () => {
    const strap = reckonStrap({ ...NEW_STRAP, hardwareMm: 600, allowanceMm: 40 }, facts);
    expect(byId(strap).cut).toBeUndefined();
    expect(strap.warnings[0]).toContain("longer than the whole path");
  });

  it("narrow for the weight, or a halter under it, are warned of", () => {
    const warned = reckonStrap({ ...NEW_STRAP, hardwareMm: 0, allowanceMm: 0, widthMm: 8, halter: true }, facts);
    expect(warned.warnings).toEqual([expect.stringContaining("Narrow"), expect.stringContaining("halter")]);
  });

  it("by the elastic's own test stretch under that weight, and say where it was not tested so far", () => {
    const working = { ...NEW_STRAP, hardwareMm: 24, allowanceMm: 40, by: "test" as const, elastic: 7 };
    const strap = reckonStrap(working, facts);
    const newtons = byId(strap).weight ?? 0;
    expect(byId(strap).cut).toBeCloseTo(548 / (1 + newtons / 8) + 40, 6);
    expect(strap.warnings.join(" ")).toContain("past its test");
    expect(reckonStrap({ ...working, elastic: null }, facts).lacks).toEqual([
      { what: "entry", name: "which strap elastic" },
    ]);
  });
});
