import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { boneLength, changePerEdge, innerGirth, isParallel, laceLength, openGap } from "./index.ts";
import { lacingBand, lacingPressure, lacingTension } from "./lacing/lacing.ts";
import { panelWidths } from "./panels/panelWidths.ts";
import { mostTurn } from "./panels/turnGuard.ts";
import { SEAM_WEIGHTS } from "./panels/weights/index.ts";
import { cautionOf } from "./reduction/caution.ts";
import { type ClosedInput, closedLevels } from "./reduction/closed.ts";

const closed = (own: Partial<ClosedInput> & Pick<ClosedInput, "levels">) =>
  closedLevels({ experience: "first", school: "mm", ...own });
const closedAt = (own: Partial<ClosedInput> & Pick<ClosedInput, "levels">) => {
  const levels = closed(own);
  return levels.ok
    ? Object.fromEntries(levels.value.map(({ level, closedMm }) => [level, closedMm]))
    : levels.problem.code;
};
const waist = { bodyMm: 800 };

describe("a closed waist", () => {
  it.each([
    [{ experience: "first" }, 760],
    [{ experience: "experienced" }, 720],
    [{ amount: 55 }, 745],
    [{ school: "percent", amount: 0.08 }, 736],
    [{ school: "percent" }, 760],
    [{ school: "ease" }, 810],
    [{ school: "ease", amount: 15 }, 815],
  ] as const)("by %o is %d mm of a body of 800", (own, mm) =>
    expect(closedAt({ ...own, levels: { waist } })).toEqual({ waist: mm }),
  );

  it("takes the smaller of the part and the length", () => {
    expect(closedAt({ levels: { waist: { bodyMm: 600 } } })).toEqual({ waist: 570 });
    expect(closedAt({ experience: "experienced", levels: { waist: { bodyMm: 1000 } } })).toEqual({ waist: 920 });
  });
});

describe("a closed underbust", () => {
  const at = (underbust: ClosedInput["levels"]["underbust"], school: ClosedInput["school"] = "mm") => {
    const levels = closedAt({ school, levels: { waist, ...(underbust ? { underbust } : {}) } });
    return typeof levels === "string" ? levels : levels.underbust;
  };

  it("leaves a breath: 20 off the body, or 40 off the breath, whichever is larger", () => {
    expect(at({ bodyMm: 850, inhaledMm: 880 })).toBe(840);
    expect(at({ bodyMm: 850, inhaledMm: 860 })).toBe(830);
  });

  it("without a breath read is as the body is", () => expect(at({ bodyMm: 850 })).toBe(850));
  it("that only holds has 25 mm of room", () => expect(at({ bodyMm: 850, inhaledMm: 880 }, "ease")).toBe(875));
  it("is as typed where it was", () => expect(at({ bodyMm: 850, reductionMm: -5 })).toBe(855));
});

it("the other levels are as the body, with room at the lower edge; the mid-rib half-way between the two", () => {
  const levels = {
    underbust: { bodyMm: 850, inhaledMm: 880 },
    midRib: { bodyMm: 820 },
    waist,
    highHip: { bodyMm: 920 },
  };
  expect(closedAt({ levels: { ...levels, lowerEdge: { bodyMm: 1000 }, bust: { bodyMm: 980 } } })).toEqual({
    ...{ bust: 980, underbust: 840, midRib: 820 - (10 + 40) / 2, waist: 760, highHip: 920, lowerEdge: 1010 },
  });
});

it.each([
  [{ levels: { waist: { bodyMm: 700, cinchedMm: 710 } } }, "cinched-above-body"],
  [{ levels: { waist, underbust: { bodyMm: 850, inhaledMm: 840 } } }, "inhaled-below-body"],
  [{ amount: 301, levels: { waist } }, "amount-outside"],
  [{ school: "ease", amount: 16, levels: { waist } }, "amount-outside"],
  [{ amount: 300, levels: { waist: { bodyMm: 250 } } }, "nothing-left"],
] as const)("%o is refused as %s", (own, code) => expect(closedAt(own)).toBe(code));

describe("the caution of a waist", () => {
  const of = (closedMm: number, cinchedMm?: number) =>
    cautionOf({ bodyMm: 800, closedMm }, cinchedMm === undefined ? {} : { cinchedMm });

  it.each([
    [720, "none"],
    [719, "typedOnly"],
    [680, "typedOnly"],
    [679, "stop"],
  ] as const)("closed to %d is %s: a limit that is met is not passed", (mm, caution) => expect(of(mm)).toBe(caution));

  it("stops below what the body offers, however little is taken", () => {
    expect([of(779, 780), of(780, 780)]).toEqual(["stop", "none"]);
  });
});

describe("panels", () => {
  const girthsMm = { underbust: 800, waist: 700, hip: 960 };
  const plan = { shares: [0.2, 0.3, 0.3, 0.2], girthsMm, base: "underbust", sideSeam: 2 } as const;

  it.each(SEAM_WEIGHTS.map(({ id }) => id))("by %s add up to half of every girth, the centres straight", (weights) => {
    const panels = panelWidths({ ...plan, weights, own: [1, 2, 0] });
    if (!panels.ok) throw new Error(panels.problem.message);
    for (const [level, row] of Object.entries(panels.value)) {
      expect(row.reduce((sum, { widthMm }) => sum + widthMm, 0)).toBeCloseTo(
        girthsMm[level as keyof typeof girthsMm] / 2,
        9,
      );
      expect([row[0]?.frontMm, row.at(-1)?.backMm]).toEqual([0, 0]);
    }
  });

  it("by hand: 100 less at the waist is 50 a side, 25 at the side seam and 12.5 at either of its neighbours", () => {
    const panels = panelWidths<keyof typeof girthsMm>({ ...plan, weights: "sideLed" });
    expect(panels.ok && panels.value.waist.map(({ widthMm }) => widthMm)).toEqual([73.75, 101.25, 101.25, 73.75]);
  });

  it.each([
    [{ shares: [0.2, 0.3, 0.3] }, "shares-do-not-sum"],
    [{ shares: [0.5, 0.5, 0, 0] }, "share-outside"],
    [{ sideSeam: 4 }, "side-seam-outside"],
    [{ weights: "own", own: [1, 2] }, "weights-count"],
    [{ weights: "own", own: [0, 0, 0] }, "weights-outside"],
    [{ girthsMm: { ...girthsMm, waist: 40 } }, "no-width-left"],
  ] as const)("of %o are refused as %s", (own, code) => {
    const panels = panelWidths({ ...plan, weights: "even", ...own });
    expect(panels.ok ? panels.value : panels.problem.code).toBe(code);
  });
});

describe("the most an edge turns", () => {
  it("is its furthest turn within 100 mm of height", () => {
    // Straight: as much as 100 mm of it.
    expect(
      mostTurn([
        [0, 0],
        [200, 50],
      ]),
    ).toEqual({ mm: 25, fromMm: 0 });
    // Out and in again: what lies between counts, not the ends.
    expect(
      mostTurn([
        [0, 0],
        [60, 20],
        [120, 0],
      ]).mm,
    ).toBe(20);
    expect(
      mostTurn([
        [0, 0],
        [60, -12],
        [120, -30],
      ]),
    ).toEqual({ mm: 26, fromMm: 20 });
  });

  it("never grows by another place on its line", () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: -40, max: 40, noNaN: true }), { minLength: 2, maxLength: 6 }), (outs) => {
        const places = outs.map((out, at) => [at * 70, out] as const);
        const [first, second] = places;
        if (!first || !second) return;
        const between = [(first[0] + second[0]) / 2, (first[1] + second[1]) / 2] as const;
        expect(mostTurn([first, between, ...places.slice(1)]).mm).toBeCloseTo(mostTurn(places).mm, 9);
      }),
      { seed: 17 },
    );
  });
});

describe("a lacing", () => {
  it("presses nothing at a closed gap, and the more the wider it is", () => {
    const at = (gapMm: number) => lacingTension({ pullN: 5, gapMm, pitchMm: 22 });
    expect(at(0)).toBe(0);
    expect(at(1e6)).toBeCloseTo((2 * 5) / 0.022, 3);
    expect(at(40)).toBeLessThan(at(60));
    expect(lacingPressure(500, 700)).toBeCloseTo((2 * Math.PI * 500) / 700, 12);
  });

  it.each([
    [2.69, "support"],
    [2.7, "firm"],
    [5, "firm"],
    [5.01, "reducing"],
    [8, "reducing"],
    [8.01, "stop"],
  ] as const)("at %d kPa is %s", (kpa, band) => expect(lacingBand(kpa)).toBe(band));

  it("of 10 rows opened by 150 mm at a pitch of 20 takes 2 · 10 · 151.3 mm and what is tied", () => {
    expect(openGap(700, 800)).toBe(150);
    expect(openGap(700, 900)).toBe(200);
    expect(laceLength({ rows: 10, pitchMm: 20, openGapMm: 150 })).toBeCloseTo(20 * Math.hypot(150, 20) + 600, 9);
  });

  it("is parallel within 10 mm; a gap 32 mm too wide over 8 seams lets every edge out by 2", () => {
    expect([isParallel({ top: 55, waist: 45, bottom: 50 }), isParallel({ top: 56, waist: 45, bottom: 50 })]).toEqual([
      true,
      false,
    ]);
    expect(changePerEdge(82, 50, 8)).toBe(2);
  });
});

it("the skin lies half the thickness inside, and seams and channels take their own", () => {
  expect(innerGirth(700, { thicknessMm: 2 })).toBeCloseTo(700 - 2 * Math.PI, 12);
  const all = { thicknessMm: 2, bulkySeams: 8, channels: 10, channelThicknessMm: 1.5 };
  expect(innerGirth(700, all)).toBeCloseTo(700 - 2 * Math.PI - 16 - 15, 12);
});

it.each([
  [290, 0, 5, 265],
  [289.9, 0, 5, 265],
  [288.9, 0, 5, 260],
  [289, 8, 5, 255],
  [24 + 127, 0, 12.7, 127],
] as const)("the bone of a channel of %d mm, %d of it turned, by steps of %d is %d", (channel, turned, step, mm) => {
  const bone = boneLength(channel, turned, step);
  expect(bone.ok && bone.value).toBeCloseTo(mm, 9);
});

it("a channel too short for any bone says so", () => expect(boneLength(28, 0, 5)).toMatchObject({ ok: false }));
