import { describe, expect, it } from "vitest";
import { bandCut, bandLoad, wireFit } from "../band/index.ts";
import { tensionCurve } from "../cloth/index.ts";
import { dartFromGap } from "./dart/dartFromGap.ts";
import { braLabels, cupBustMm, INCH_RULES } from "./label/labels.ts";
import { bustRoom } from "./room/bustRoom.ts";

describe("bust room", () => {
  const room = (own: Partial<Parameters<typeof bustRoom>[0]>) =>
    bustRoom({
      bustMm: 1000,
      overbustMm: 920,
      patternBustMm: 900,
      usable: 0.5,
      draftedDifferenceMm: 50,
      plannedGarmentMm: null,
      plannedStrain: null,
      ...own,
    });

  it("is needed over 25 mm more than drafted, optional over nothing, else none", () => {
    const verdicts = [25.01, 25, 0.01, 0].map((excess) => room({ overbustMm: 1000 - 50 - excess }).verdict);
    expect(verdicts).toEqual(["needed", "optional", "optional", "none"]);
  });

  it("is needed by strain past 0.6 of the stretch, whatever the difference", () => {
    expect(room({ patternBustMm: 769, overbustMm: 990 })).toMatchObject({ verdict: "needed", decidedBy: "strain" });
    expect(room({ patternBustMm: 770, overbustMm: 990 })).toMatchObject({ verdict: "none", decidedBy: "difference" });
  });

  it("gives full and least room apart: to the planned girth, and to 0.6 of the stretch", () => {
    expect(room({ plannedGarmentMm: 930 }).fullRoomMm).toBe(30);
    expect(room({ plannedStrain: 0.2 }).fullRoomMm).toBeCloseTo(25, 9);
    expect(room({ patternBustMm: 760 }).leastRoomMm).toBeCloseTo(1000 / 1.3 - 760, 9);
  });
});

describe("a dart from a gape", () => {
  it("is as wide in the new seam as that seam is further from the apex", () => {
    const dart = dartFromGap(20, 100, 150);
    expect(dart).toEqual({
      ok: true,
      value: { angleDeg: expect.closeTo((2 * Math.asin(0.1) * 180) / Math.PI, 9), widthMm: expect.closeTo(30, 9) },
    });
  });

  it("cannot be wider than twice its way to the apex", () => {
    expect(dartFromGap(200, 100, 100)).toMatchObject({ ok: true, value: { angleDeg: expect.closeTo(180, 9) } });
    expect(dartFromGap(201, 100, 100)).toMatchObject({ ok: false, problem: { code: "gape-too-wide" } });
  });
});

describe("labels", () => {
  it.each([
    [624.9, 760, "60A"],
    [625, 760, "65A"],
    [700, 820, "70A"],
    [700, 819.9, "70AA"],
    [700, 800, "70AA"],
    [700, 799.9, null],
    [700, 1019.9, "70K"],
    [700, 1020, null],
    [1124.9, 1240, "110AA"],
    [1125, 1240, null],
    [574.9, 690, null],
  ])("of an underbust of %d and a bust of %d mm by the table: %s", (underbust, bust, en) => {
    expect(braLabels(underbust, bust, "trade").en).toBe(en);
  });

  it("puts the trade's inch letters at the place of the table's", () => {
    // 75E is the sixth of its list: DD in inches, band 28 + 2 · 3.
    expect(braLabels(750, 950, "trade")).toEqual({ en: "75E", fr: "90E", uk: "34DD", us: "34DD", au: "12DD" });
  });

  it("by the other schools gives other letters, and none outside their lists", () => {
    const uk = INCH_RULES.map((rule) => braLabels(750, 950, rule).uk);
    expect(new Set(uk).size).toBe(3);
    expect(braLabels(500, 950, "asIs")).toEqual({ en: null, fr: null, uk: null, us: null, au: null });
    expect(braLabels(750, 700, "asIs").uk).toBeNull();
  });

  it("takes the mean of standing and leaning where both were taken", () => {
    expect([cupBustMm(1000, 1040), cupBustMm(1000, null)]).toEqual([1020, 1000]);
  });
});

describe("a wire in its channel", () => {
  const lies = (wireMm: number) =>
    wireFit({ channelMm: 260, foldTopMm: 8, foldBridgeMm: 4, wireMm, tipDistanceMm: 150, springMm: 6 });

  it("wants 10 mm of freedom, and the channel is raised by what is missing", () => {
    expect(lies(238)).toMatchObject({ freeMm: 10, raiseMm: 0, tooShort: false });
    expect(lies(241)).toMatchObject({ freeMm: 7, raiseMm: 3 });
    expect(lies(250)).toMatchObject({ freeMm: -2, raiseMm: 12 });
  });

  it("is too short over 25 mm, not at 25, and is drafted to its tips as sprung", () => {
    expect([lies(223).tooShort, lies(222).tooShort]).toEqual([false, true]);
    expect(lies(238).draftTipDistanceMm).toBe(156);
  });
});

describe("a band", () => {
  const band = { underbustMm: 780, underbustInhaledMm: 812, rigidMm: 300, strain: 0.2 };

  it("stretches at its wings alone, and further with a breath", () => {
    expect(bandCut(band)).toEqual({ wingMm: 400, garmentMm: 700, inhaledStrain: expect.closeTo(0.28, 12) });
  });

  it("pulls with its cloth over its height and with its elastics, by hand", () => {
    const wear = tensionCurve([[0.5, 100]]);
    const elastic = { cutMm: 400, forceN: tensionCurve([[0.5, 5]]) };
    const load = bandLoad(780, 0.2, band, { heightMm: 50, wear, elastics: [elastic, elastic] });
    // 0.05 m · 40 N/m + 2 · 2 N; 2π · 6 N / (0.05 m · 0.78 m) = 966.6 Pa.
    expect(load).toEqual({
      forceN: expect.closeTo(6, 9),
      pressureKpa: expect.closeTo(0.96664, 4),
      pressureBand: "easy",
    });
  });
});
