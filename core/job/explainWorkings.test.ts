import { describe, expect, it } from "vitest";
import { NEW_WIRE } from "../band/index.ts";
import { tensionCurve } from "../cloth/index.ts";
import { NEW_CORSET } from "../corset/index.ts";
import { NEW_BUST_ROOM } from "../cups/index.ts";
import { type EdgeRow, type ElasticsFacts, NEW_ELASTICS } from "../elastics/index.ts";
import type { LayoutFacts } from "../layout/index.ts";
import { NEW_PARTS } from "../parts/index.ts";
import { elasticRings, NO_PIECES } from "../pieces/index.ts";
import { ok } from "../result.ts";
import {
  BRIEF_FACTS,
  CLOSED,
  CORSET_FACTS,
  evaluate,
  SHELF_ELASTIC,
  sampleBody,
  sampleDraft,
  shelfSample,
} from "../testing/index.ts";
import { NEW_TRUNK } from "../torso/index.ts";
import { NEW_WEAR } from "../wear/index.ts";
import { NEW_WORKINGS, reckonWorking, WORKING_IDS, type WorkingFacts, type Workings } from "../workings/index.ts";

const body = sampleBody({
  overbust: 910,
  bust: 1045,
  bust_leaning: 1080,
  underbust: 815,
  underbust_inhaled: 850,
  mid_rib: 802,
  waist: 790,
  cinched_waist: 742,
  waist_seated: 815,
  height_high_hip_hip_side: 95,
  height_waist_high_hip_side: 100,
  high_hip: 960,
  hip: 1060,
  trunk_loop: 1545,
  front_waist: 430,
  back_waist: 400,
  crotch_front: 320,
  crotch_back: 370,
  crotch_depth: 268,
  waist_to_high_hip: 100,
  waist_to_hip: 200,
  strap_front: 258,
  strap_back: 314,
  apex_span: 195,
  shoulder_to_apex: [294, 286],
  root_width: [142, 136],
  root_height: [125, 118],
  projection: [96, 87],
  wire_line: [254, 241],
  lower_cup: [109, 101],
  upper_cup: [124, 119],
  cross_cup: [246, 232],
});

const wear = tensionCurve([
  [0.2, 40],
  [0.5, 160],
]);
const elastics = [
  { ...SHELF_ELASTIC, forceN: tensionCurve([[0.5, 4]]) },
  shelfSample({ id: 8, name: "Picot", forceN: tensionCurve([[0.6, 2.5]]) }),
];
const settingsName = "settings as shipped";

/** Pieces are drawn from the facts their recipes are tested with; what is cut how long is explained in `core/pieces`. */
const pieceFacts = {
  briefPieces: { ...NO_PIECES, drawn: BRIEF_FACTS },
  onePiecePieces: NO_PIECES,
  camisolePieces: NO_PIECES,
  slipPieces: NO_PIECES,
  skirtPieces: NO_PIECES,
  stripPieces: NO_PIECES,
  ownPieces: NO_PIECES,
  cupPieces: NO_PIECES,
  softBraPieces: NO_PIECES,
  wiredBraPieces: NO_PIECES,
  corsetPieces: NO_PIECES,
};

/** A brief on a cloth that shrinks. */
const layoutFacts: LayoutFacts = {
  has: ["shell"],
  undrawn: [],
  sets: [{ id: "briefPieces", draft: sampleDraft("brief", BRIEF_FACTS) }],
  cloth: { name: "Test jersey", widthMm: 1500, shrinkAlong: 0.04, shrinkAcross: 0.02, round: "across" },
};

/** The rings of that brief, in a pattern of two sizes. */
const elasticsFacts: ElasticsFacts = {
  rings: elasticRings(sampleDraft("brief", BRIEF_FACTS), {
    along: { front: 1, back: 1, side: 1 },
    round: { waist: 740 / 640 },
  }),
  ...{ elastics, edge: SHELF_ELASTIC, passMm: { waist: 980 }, opens: {}, bodyMm: {} },
  ...{ sizes: { waist: "S", hip: "M" }, lowPart: 0.4 },
  changes: [{ id: 3, spot: "waist", side: "both", pieces: "", amountMm: 7 }],
  waiting: [],
};

/** Every school once, the chart between two sizes. */
const edges: readonly EdgeRow[] = (
  [
    ["leg", "ratio"],
    ["waist", "tension"],
    ["lowWaist", "chart"],
    ["waist", "feel"],
  ] as const
).map(([at, school]) => ({
  ...{ at, school, name: "", elastic: "first", ratio: null, kpa: 1, edgeMm: null, backMm: null, bodyMm: null },
}));

const facts: WorkingFacts = {
  corset: { levels: ["underbust", "midRib", "waist", "highHip", "lowerEdge"], closes: "laced", body, isForm: false },
  trunk: {
    body,
    strains: { bust: 0.2, waist: 0.1, hip: 0.22 },
    along: ok({ lengthStrain: 0.06, contraction: 0.3, drawIn: "counted" }),
    freedom: 0.5,
    leaveUnderMm: 10,
    settingsName,
    innerLayers: [],
    wraps: [],
    chart: null,
  },
  rise: {
    body,
    drops: { front: 80, back: 60, side: 70 },
    front: { bodyMm: 320, cutPerMm: 0.95 },
    back: { bodyMm: 370, cutPerMm: 0.94 },
    noPlan: null,
    garment: { waist: 640, highHip: 780, hip: 860 },
    drawnElastic: null,
    ownTopEdge: true,
    elsewhere: {},
  },
  bustRoom: { body, chartBust: null, usable: 0.48, plannedGarmentMm: 940, draftedDifferenceMm: 50, settingsName },
  dart: { body },
  cup: { body, cupStrain: 0.04, settingsName, elsewhere: {} },
  label: { body },
  band: { body, isForm: false, plannedStrain: 0.24, drawn: null, usable: 0.48, wear, elastics },
  strap: { body, strapStrain: 0.08, settingsName, elastics },
  closure: { elsewhere: {} },
  wire: { body, elsewhere: {} },
  parts: {
    style: { zones: [], family: "slip", lengths: [] },
    ofStyle: {},
    sets: [],
    kept: {},
    cloths: [],
    isChild: false,
    pullOn: [],
  },
  ...pieceFacts,
  seams: {
    seams: [
      { id: "side", name: "side seam", worn: { zone: "hip", strain: 0.31 }, pulled: { zone: "waist", strain: 0.42 } },
      { id: "leg", name: "leg edge", worn: { zone: "leg", strain: 0.12 }, pulled: null },
    ],
    ...{ clothName: "Swim knit", usable: 0.7, clothClass: "high", layers: 1, planned: true },
  },
  days: null,
  bones: {
    draft: sampleDraft("corset", CORSET_FACTS),
    closed: CLOSED,
    usable: 0.02,
    source: "test sheet",
    skirtMm: 1016,
    skirtHip: null,
  },
  wear: { closed: CLOSED, seams: 8, isForm: false },
  sewing: {
    made: {
      style: { id: "brief", family: "brief", zones: ["waist", "hip", "leg"], lengths: [] },
      ...{ parts: NEW_PARTS, opens: false, bias: false, lined: false },
    },
    putOff: [],
    past: { cut: [30, 35, 50] },
  },
  elastics: elasticsFacts,
  shellLayout: layoutFacts,
  liningLayout: layoutFacts,
  netLayout: { ...layoutFacts, sets: [] },
  overlayLayout: { ...layoutFacts, sets: [] },
  facingLayout: { ...layoutFacts, sets: [] },
  cupsLayout: { ...layoutFacts, sets: [] },
  frameLayout: { ...layoutFacts, sets: [] },
  materials: {
    notCounted: [],
    needed: [{ id: "cloth/shell", name: "Jersey", what: "cloth", needMm: 700, source: "Cloth needed" }],
    shelf: {
      rows: [
        { name: "jersey", unit: "m", amount: 0.4, price: 18.5 },
        { name: "Thread", unit: "pc", amount: 4, price: 3 },
      ],
    },
    usual: [],
  },
};

const trunk = {
  ...NEW_TRUNK,
  trunkLoop: 1440,
  frontWaist: 402,
  crotchFront: 304,
  crotchBack: 338,
  backWaist: 378,
};

/** Workings that reach every number there is, several ways where there are several. */
const TYPED: readonly Partial<Workings>[] = [
  {
    corset: { ...NEW_CORSET, thicknessMm: 1.6, bulkySeams: 8, channels: 12, channelThicknessMm: 2, midRibMm: -4 },
    wear: {
      ...NEW_WEAR,
      pitchMm: 22,
      gaps: [
        { on: "2026-11-02", who: "wearer", mockUp: 1, topMm: 70, waistMm: 52, bottomMm: 44 },
        { on: null, who: "form", mockUp: null, topMm: 82, waistMm: 66, bottomMm: 51 },
      ],
      wears: [
        {
          ...{ on: null, at0Mm: 706, at10Mm: 703, at30Mm: null, at120Mm: null, comfort: 4 },
          ...{ speaks: true, breathes: true, marks: "none", numb: false, note: "" },
        },
      ],
      pulls: [{ on: null, level: "waist", after: "30", pullN: 6.5, gapMm: 52 }],
    },
    trunk,
    rise: {
      dropFrontMm: null,
      dropBackMm: 50,
      dropSideMm: null,
      frontRiseMm: 220,
      backRiseMm: 290,
      depthMm: 190,
      frontWaistMm: 420,
      backWaistMm: 390,
      inseamMm: null,
      elasticRatio: null,
    },
    bustRoom: { ...NEW_BUST_ROOM, patternBustMm: 860 },
    dart: {
      from: "armhole",
      into: "underbust",
      widthMm: 22,
      toApexMm: 118,
      newToApexMm: 92,
      stopMm: 25,
      ownEdgeMm: 205,
      neighbourMm: 196,
      movedOutMm: -5,
      movedDownMm: 8,
    },
    band: {
      rigidMm: 290,
      heightMm: 62,
      by: "strain",
      strain: null,
      pressureKpa: null,
      topElastic: 8,
      topRatio: null,
      bottomElastic: 7,
      bottomRatio: 0.88,
    },
    strap: { hardwareMm: 24, allowanceMm: 40, by: "habit", elastic: null, widthMm: 15, halter: false },
    materials: { notions: [{ name: "Thread", count: 1 }], made: 3 },
    elastics: {
      ...NEW_ELASTICS,
      edges,
      chart: ["S", "M"].map((size, at) => ({
        ...{ size, at: "lowWaist", name: "", count: null, widthMm: 8, lengthMm: 560 + 30 * at },
      })),
    },
    closure: { rows: 3, tapeMm: null, availableMm: 52, bridgeToEdgeMm: 24, edgeFoldMm: 7, dipMm: 10 },
    wire: {
      ...NEW_WIRE,
      channelMm: 262,
      foldTopMm: 8,
      foldBridgeMm: 6,
      wireMm: 246,
      tipDistanceMm: 138,
      springMm: 6,
      diameterMm: 140,
    },
  },
  {
    corset: { ...NEW_CORSET, school: "percent", offPart: 0.07, lowerSideMm: 150, addBack: "none" },
    trunk: { ...trunk, from: "chart", school: "halves", ownReduction: 0.04 },
    bustRoom: { ...NEW_BUST_ROOM, patternBustMm: 860, amount: "least" },
    strap: { hardwareMm: 24, allowanceMm: 40, by: "test", elastic: 7, widthMm: null, halter: false },
  },
  {
    corset: { ...NEW_CORSET, school: "ease", closing: "zip" },
    trunk: { ...trunk, from: "chart", school: "halves" },
  },
];

/** Formulas in words: read off between levels, or solved for. */
const IN_WORDS = /girth at h|garment at h|as given|as laid|where /;

describe.each(TYPED.map((typed, index) => ({ typed, name: `case ${index + 1}` })))(
  "every number of $name",
  ({ typed }) => {
    it.each(WORKING_IDS)("of the %s follows from its own terms", (id) => {
      const { numbers } = reckonWorking(id, { ...NEW_WORKINGS, ...typed }[id] as never, facts[id] as never);
      const formulas = numbers.filter(({ explanation }) => !IN_WORDS.test(explanation.formula));
      for (const { id: name, explanation } of formulas) {
        // Lengths are kept in mm, volumes in cm³.
        const inCm = explanation.result.unit === "volume" && explanation.terms[0]?.unit === "length" ? 1000 : 1;
        const worked = evaluate(explanation) / inCm;
        const { value } = explanation.result;
        expect(Math.abs(worked - value), `${id} ${name}: ${explanation.formula}`).toBeLessThanOrEqual(
          1e-9 * Math.max(1, Math.abs(value)),
        );
      }
    });
  },
);

it("reaches the numbers it means to", () => {
  const count = (index: number) =>
    WORKING_IDS.reduce(
      (sum, id) =>
        sum + reckonWorking(id, { ...NEW_WORKINGS, ...TYPED[index] }[id] as never, facts[id] as never).numbers.length,
      0,
    );
  expect(count(0)).toBeGreaterThan(55);
});
