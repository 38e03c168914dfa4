import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { tensionCurve } from "../../cloth/index.ts";
import { byId, sampleBody, shelfSample } from "../../testing/index.ts";
import { bandPressureAt, bandStrainFor } from "./bandForPressure.ts";
import type { BandFacts } from "./madeBand.ts";
import { reckonBand } from "./reckonBand.ts";
import { NEW_BAND } from "./working.ts";

const WEAR = tensionCurve([
  [0.2, 40],
  [0.5, 160],
]);
const FORCE = tensionCurve([[0.5, 4]]);
const ELASTIC = shelfSample({ id: 7, name: "Plush", forceN: FORCE });

describe("a band", () => {
  const make = {
    underbustMm: 815,
    rigidMm: 290,
    heightMm: 60,
    wear: WEAR,
    elastics: [{ ratio: 0.9, forceN: FORCE }],
  };
  const facts: BandFacts = {
    body: sampleBody({ underbust: 815, underbust_inhaled: 850 }),
    isForm: false,
    plannedStrain: 0.24,
    drawn: null,
    usable: 0.48,
    wear: WEAR,
    elastics: [ELASTIC],
  };

  it("solved from its pressure has the strain that gives it", () => {
    fc.assert(
      fc.property(fc.double({ min: 0.02, max: 0.9, noNaN: true }), (strain) => {
        const solved = bandStrainFor(make, bandPressureAt(make, strain));
        return solved.ok && Math.abs(solved.value - strain) < 1e-9;
      }),
      { seed: 20261125 },
    );
  });

  it("cannot press less than its elastics do unstrained, or more than it ever will", () => {
    expect(bandStrainFor(make, 0.01)).toMatchObject({ ok: false, problem: { code: "presses-unstrained" } });
    const level = {
      ...make,
      elastics: [],
      wear: tensionCurve([
        [0.2, 40],
        [0.5, 40],
      ]),
    };
    expect(bandStrainFor(level, 5)).toMatchObject({ ok: false, problem: { code: "unreachable" } });
  });

  it("takes the plan's strain where none is typed, and cuts its elastics to their part of the wings", () => {
    const band = reckonBand({ ...NEW_BAND, rigidMm: 290, heightMm: 60, bottomElastic: 7, bottomRatio: 0.88 }, facts);
    const wing = (815 - 290) / 1.24;
    expect(byId(band)).toMatchObject({
      strain: 0.24,
      wing: expect.closeTo(wing, 9),
      garment: expect.closeTo(290 + wing, 9),
      "elastic-bottom": expect.closeTo(0.88 * wing, 9),
      inhaledStrain: expect.closeTo((850 - 290) / wing - 1, 9),
    });
    expect(byId(band)["force-inhaled"]).toBeGreaterThan(byId(band)["force-rest"] ?? Number.NaN);
  });

  it("takes what does not stretch from drawn pieces where nothing is typed, and tells where they are another band", () => {
    const drawn = { rigidMm: 310, strain: 0.31 };
    const band = reckonBand(NEW_BAND, { ...facts, drawn });
    const wing = (815 - 310) / 1.24;
    expect(byId(band)).toMatchObject({ garment: expect.closeTo(310 + wing, 9) });
    expect(band.warnings.filter((words) => words.includes("drawn"))).toEqual([
      expect.stringMatching(
        /strain their wings 31\.0 %, this band 24\.0 %: take its girth of 717 mm into the ease plan/,
      ),
    ]);
    const typed = reckonBand({ ...NEW_BAND, rigidMm: 290 }, { ...facts, drawn: { rigidMm: 310, strain: 0.24 } });
    expect(typed.warnings.filter((words) => words.includes("drawn"))).toEqual([
      expect.stringContaining("cover 310.0 mm, here 290.0 mm are typed"),
    ]);
  });

  it("by pressure gives the strain back, and says that medical compression is no work for Stenz past the stop", () => {
    const by = { ...NEW_BAND, rigidMm: 290, heightMm: 60, by: "pressure" as const };
    expect(byId(reckonBand({ ...by, pressureKpa: 0.4 }, facts))["pressure-rest"]).toBeCloseTo(0.4, 9);
    const hard = reckonBand({ ...by, pressureKpa: 4.5 }, facts);
    expect(hard.warnings.join(" ")).toContain("qualified fitter");
  });

  it("without a ladder has its girth and no force; on a form it does not breathe", () => {
    const band = reckonBand({ ...NEW_BAND, rigidMm: 0, heightMm: 45 }, { ...facts, wear: null, isForm: true });
    expect(Object.keys(byId(band))).toEqual(["strain", "wing", "garment"]);
    expect(band.lacks.map(({ what }) => what)).toEqual(["plan"]);
    expect(band.notes.join(" ")).toContain("does not breathe");
  });

  it("with rigid parts all round has no wing", () => {
    expect(reckonBand({ ...NEW_BAND, rigidMm: 900 }, facts)).toMatchObject({ band: null, numbers: [] });
  });
});
