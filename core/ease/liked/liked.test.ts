import { describe, expect, it } from "vitest";
import { SHIPPED_CLOTH_SETTINGS } from "../../cloth/index.ts";
import { SAMPLE_CLOTH, SAMPLE_LADDER_TEST, SAMPLE_SHEET } from "../../testing/index.ts";
import type { LikedGarment } from "./likedGarment.ts";
import { likedByZone, likedOnBody, nearestSheet } from "./likedOnBody.ts";
import { likingOf } from "./liking.ts";

const garment = (own: Partial<LikedGarment> = {}): LikedGarment => ({
  id: 1,
  wearerId: 3,
  name: "grey brief",
  measuredOn: "2026-10-01",
  clothId: null,
  direction: "across",
  usable: 0.5,
  widthsMm: { waist: 320, bust: 400 },
  lengthsMm: {},
  notes: "",
  version: 1,
  ...own,
});
const settings = { fingerAllowanceMm: 12, cloth: SHIPPED_CLOTH_SETTINGS };
const layer = { cloth: SAMPLE_CLOTH, tests: [SAMPLE_LADDER_TEST], direction: "across" } as const;

describe("the sheet nearest to a day", () => {
  const on = (takenOn: string) => ({ takenOn });
  it("is the nearest before or after, the earlier of two equally near", () => {
    expect(nearestSheet([on("2026-01-01"), on("2026-03-01"), on("2026-09-01")], "2026-04-01")?.takenOn).toBe(
      "2026-03-01",
    );
    expect(nearestSheet([on("2026-01-01"), on("2026-01-05")], "2026-01-03")?.takenOn).toBe("2026-01-01");
    expect(nearestSheet([], "2026-01-03")).toBeNull();
  });
});

describe("a garment on its body", () => {
  it("is twice its width, in its cloth, on the snug body; zones off the sheet are named", () => {
    const on = likedOnBody(garment(), [SAMPLE_SHEET], layer, settings);
    expect(on.girths.waist).toMatchObject({ bodyMm: 742, garmentMm: 640 });
    expect(on.girths.waist?.usable).not.toBe(0.5);
    expect(on.girths.waist?.wear).not.toBeNull();
    expect(on.withoutBody).toEqual(["bust"]);
  });

  it("keeps the stretch pulled on it where its cloth is not on the shelf, and has no body without a sheet", () => {
    expect(likedOnBody(garment(), [SAMPLE_SHEET], null, settings).girths.waist).toMatchObject({
      usable: 0.5,
      wear: null,
    });
    expect(likedOnBody(garment(), [], null, settings)).toMatchObject({ sheetOn: null, girths: {} });
  });
});

describe("what several garments say", () => {
  const worn = [
    garment(),
    garment({ widthsMm: { waist: 340 }, usable: null }),
    garment({ widthsMm: { waist: 390 } }),
  ].map((one) => likedOnBody(one, [SAMPLE_SHEET], null, settings));

  it("is the middle of their strains, how far they lie apart, and the share of those whose cloth is known", () => {
    const [waist] = likingOf(worn);
    expect(waist).toMatchObject({
      zone: "waist",
      median: expect.closeTo(742 / 680 - 1, 12),
      least: expect.closeTo(742 / 780 - 1, 12),
      most: expect.closeTo(742 / 640 - 1, 12),
      easeMm: -62,
      pressureKpa: null,
    });
    expect(waist?.share).toBeCloseTo((742 / 640 - 1 + 742 / 780 - 1) / 2 / 0.5, 12);
    expect(waist?.garments.map(({ index }) => index)).toEqual([0, 1, 2]);
  });

  it("comes by zone for the profile school, zones without a garment left out", () => {
    expect(Object.entries(likedByZone(worn)).map(([zone, girths]) => `${zone} ${girths.length}`)).toEqual(["waist 3"]);
  });
});
