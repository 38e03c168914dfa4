import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { tensionCurve } from "../cloth/curve/tensionCurve.ts";
import { arcThrough } from "../figure/arcThrough.ts";
import { sampleBody } from "../testing/sampleBody.ts";
import { bandPressureAt, bandStrainFor } from "./bandForPressure.ts";
import { cupVolumeCm3 } from "./cup.ts";
import { cupSection } from "./cupSection.ts";
import { dartShape } from "./dartShape.ts";
import { braLabels } from "./labels.ts";
import { type BandFacts, reckonBand } from "./reckonBand.ts";
import { type BustRoomFacts, reckonBustRoom } from "./reckonBustRoom.ts";
import { reckonClosure } from "./reckonClosure.ts";
import { reckonCup } from "./reckonCup.ts";
import { reckonDart } from "./reckonDart.ts";
import { reckonLabel } from "./reckonLabel.ts";
import { reckonStrap, type StrapFacts } from "./reckonStrap.ts";
import { reckonWire } from "./reckonWire.ts";
import { NEW_BAND, NEW_BUST_ROOM, NEW_CLOSURE, NEW_CUP, NEW_DART, NEW_LABEL, NEW_STRAP, NEW_WIRE } from "./workings.ts";

/** Numbers of a reckoning by their ids. */
const byId = ({ numbers }: { numbers: readonly { id: string; explanation: { result: { value: number } } }[] }) =>
  Object.fromEntries(numbers.map(({ id, explanation }) => [id, explanation.result.value]));

const BREAST = {
  root_width: [142, 136],
  root_height: [125, 118],
  projection: [96, 87],
  wire_line: [254, 241],
  lower_cup: [109, 101],
  upper_cup: [124, 119],
  cross_cup: [246, 232],
} as const;

describe("cups", () => {
  const facts = { cupStrain: 0, settingsName: "settings as shipped" };

  it("by hand: half an ellipsoid each, seams less the strain", () => {
    expect(cupVolumeCm3({ rootWidthMm: 140, rootHeightMm: 120, projectionMm: 90 })).toBeCloseTo(791.681, 3);
    const cup = reckonCup({ ...NEW_CUP, strain: 0.04 }, { ...facts, body: sampleBody(BREAST) });
    expect(byId(cup)["cross-left"]).toBeCloseTo(246 / 1.04, 9);
    expect(byId(cup)["lower-right"]).toBeCloseTo(101 / 1.04, 9);
  });

  it("differ by more than 8 % of the larger or 5 mm in a measure: both remedies have their numbers", () => {
    const cup = reckonCup(NEW_CUP, { ...facts, body: sampleBody(BREAST) });
    expect(cup.asymmetry).toMatchObject({ larger: "left", acts: true, padMm: 9 });
    expect(cup.asymmetry?.measures.map(({ code }) => code)).toContain("wire_line");
    expect(cup.asymmetry?.padCm3).toBeCloseTo((cup.sides.left.volumeCm3 ?? 0) - (cup.sides.right.volumeCm3 ?? 0), 9);
    expect(cup.warnings).toHaveLength(1);
    expect(reckonCup({ ...NEW_CUP, remedy: "twoCups" }, { ...facts, body: sampleBody(BREAST) }).warnings).toEqual([]);
  });

  it("agree at 5 mm and at 8 %, not over", () => {
    const acts = (right: number) =>
      reckonCup(NEW_CUP, {
        ...facts,
        body: sampleBody({ root_width: [100, 100], root_height: [100, 100], projection: [50, right] }),
      }).asymmetry?.acts;
    expect([acts(46), acts(45.9)]).toEqual([false, true]);
  });

  it("without a measure of one side have no volume there, and name it", () => {
    const { projection: _left, ...rest } = BREAST;
    const cup = reckonCup(NEW_CUP, { ...facts, body: sampleBody(rest) });
    expect(cup.sides.left.volumeCm3).toBeNull();
    expect(cup.lacks).toEqual([
      { what: "measure", code: "projection", side: "left" },
      { what: "measure", code: "projection", side: "right" },
    ]);
  });

  it("are drawn with seams of their own length; one too short to span says so", () => {
    const section = cupSection({ rootHeightMm: 120, projectionMm: 90, lowerCupMm: 115, upperCupMm: 115 });
    expect(section).toMatchObject({ tooShort: [], apex: [90, expect.closeTo(-60, 9)] });
    expect(section.path.match(/A /g)).toHaveLength(2);
    const short = cupSection({ rootHeightMm: 120, projectionMm: 90, lowerCupMm: 95, upperCupMm: 100 });
    expect(short.tooShort).toEqual(["lowerCup", "upperCup"]);
  });
});

describe("an arc over a chord", () => {
  it("has the length it was asked for, at any size", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 5000, noNaN: true }),
        fc.double({ min: 1.0001, max: 20, noNaN: true }),
        (chord, ratio) => {
          const arc = arcThrough(chord, chord * ratio);
          if (!arc) throw new Error("no arc");
          const reached = 2 * arc.radius * Math.sin(arc.halfAngle);
          return Math.abs(reached - chord) < 1e-6 * chord * ratio;
        },
      ),
      { seed: 20261125 },
    );
    expect(arcThrough(100, 100)).toBeNull();
  });
});

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

describe("labels", () => {
  it("have sisters: one band up, one letter down, in every market", () => {
    expect(braLabels(750, 950, "trade", 1)).toEqual({ en: "80D", fr: "95D", uk: "36D", us: "36D", au: "14D" });
    expect(braLabels(750, 950, "trade", -1)).toMatchObject({ en: "70F", uk: "32E", us: "32DDD" });
    // A own label at the foot of the cups has no sister with a bigger band.
    expect(braLabels(700, 805, "trade", 1).en).toBeNull();
  });

  it("rest on the mean of standing and leaning; a finger under the tape is taken off both", () => {
    const body = sampleBody({ bust: 1045, bust_leaning: 1080, underbust: 815 }, { tape: "finger" });
    const label = reckonLabel(NEW_LABEL, { body });
    expect(byId(label).fullBust).toBe((1045 + 1080) / 2 - 12);
    expect(label.sisters.map(({ bandsUp }) => bandsUp)).toEqual([-2, -1, 0, 1, 2]);
  });

  it("outside the tables are none, and that is said", () => {
    const label = reckonLabel(NEW_LABEL, { body: sampleBody({ bust: 900, underbust: 850 }) });
    expect(label.labels?.en).toBeNull();
    expect(label.sisters).toEqual([]);
    expect(label.notes.join(" ")).toContain("no EN label");
  });
});

const WEAR = tensionCurve([
  [0.2, 40],
  [0.5, 160],
]);
const ELASTIC = { id: 7, name: "Plush", forceN: tensionCurve([[0.5, 4]]) };

describe("a band", () => {
  const make = {
    underbustMm: 815,
    rigidMm: 290,
    heightMm: 60,
    wear: WEAR,
    elastics: [{ ratio: 0.9, forceN: ELASTIC.forceN }],
  };
  const facts: BandFacts = {
    body: sampleBody({ underbust: 815, underbust_inhaled: 850 }),
    isForm: false,
    plannedStrain: 0.24,
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

describe("hooks and bridge", () => {
  it("a tape higher than the back end misses the rest; a dip leaves 12 mm or the fold", () => {
    const closure = reckonClosure({
      ...NEW_CLOSURE,
      rows: 3,
      availableMm: 52,
      bridgeToEdgeMm: 24,
      edgeFoldMm: 7,
      dipMm: 13,
    });
    expect(byId(closure)).toEqual({ tape: 5, dip: 12 });
    expect(closure.warnings).toHaveLength(2);
    expect(byId(reckonClosure({ ...NEW_CLOSURE, tapeMm: 41, availableMm: 52 })).tape).toBe(-11);
  });

  it("without numbers asks for them, but not for a bridge nobody works on", () => {
    expect(reckonClosure(NEW_CLOSURE).lacks).toHaveLength(2);
  });
});

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
