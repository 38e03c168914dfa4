import { describe, expect, it } from "vitest";
import { byId, sampleBody } from "../../testing/index.ts";
import { dartShape } from "./dartShape.ts";
import { reckonDart } from "./reckonDart.ts";
import { NEW_DART } from "./working.ts";

describe("a dart", () => {
  const working = { ...NEW_DART, widthMm: 22, toApexMm: 118, newToApexMm: 92, stopMm: 25 };

  it("comes out short where the edge was not lengthened first", () => {
    const dart = reckonDart({ ...working, ownEdgeMm: 205, neighbourMm: 196 }, { body: null });
    expect(dart.dart?.widthMm).toBeCloseTo((22 * 92) / 118, 9);
    expect(byId(dart).match).toBeCloseTo(205 - (22 * 92) / 118 - 196, 9);
    expect(dart.warnings[0]).toContain("8 mm shorter");
  });

  it("whose point would stop before it begins is none", () => {
    const dart = reckonDart({ ...working, newToApexMm: 20 }, { body: null });
    expect(dart).toMatchObject({ dart: null, numbers: [], warnings: [expect.stringContaining("too near the apex")] });
  });

  it("has its point moved with the apex, left and right apart", () => {
    const body = sampleBody({ apex_span: 195, shoulder_to_apex: [294, 286] });
    const dart = reckonDart({ ...working, movedOutMm: -5, movedDownMm: 8 }, { body });
    expect(dart.apex).toEqual({
      left: { fromCentreMm: 92.5, downMm: 302 },
      right: { fromCentreMm: 92.5, downMm: 294 },
    });
  });

  it("is drawn with legs as long as the seam is far from the apex, open by its width", () => {
    const { dart, wedge } = dartShape({ ...working, angleDeg: 10.7, newWidthMm: 17.15 } as never);
    const [left, , right] = dart as [[number, number], unknown, [number, number]];
    expect(Math.hypot(...left)).toBeCloseTo(92, 9);
    expect(Math.abs(right[0] - left[0])).toBeCloseTo(2 * 92 * Math.sin((5.35 * Math.PI) / 180), 6);
    expect(wedge[1]).toEqual([0, 0]);
  });

  it("of a gape that cannot be is a warning, and of nothing a list of what to type", () => {
    expect(reckonDart({ ...working, widthMm: 300 }, { body: null })).toMatchObject({
      dart: null,
      warnings: [expect.stringContaining("Expected a gape up to 236 mm")],
    });
    expect(reckonDart(NEW_DART, { body: null }).lacks).toHaveLength(4);
  });
});
