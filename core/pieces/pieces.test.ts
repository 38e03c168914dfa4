import { describe, expect, it } from "vitest";
import { NEW_HOOKS, NEW_WIRE } from "../band/index.ts";
import type { JobFacts } from "../calculation/index.ts";
import { edgeOf, girthsOf, lengthOfEdges, pieceOf, type Recipe, recipeOf } from "../drafting/index.ts";
import { planStyle, SHIPPED_EASE_SETTINGS, type ShippedStyleId, styleOf } from "../ease/index.ts";
import type { Explanation } from "../explain/index.ts";
import { braFacts, evaluate, sampleBody } from "../testing/index.ts";
import { NEW_RISE } from "../torso/index.ts";
import { drawPieces, PIECES, type PiecesId, recipeOfPieces } from "./calculations.ts";
import { edgeOnBody } from "./edgeOnBody.ts";
import { explainEdge, explainGirth } from "./explainMeasured.ts";
import { lookThrough } from "./lookedThrough.ts";
import { NO_PIECES } from "./pieceFacts.ts";
import { optionsSet, reckonPieces } from "./reckonPieces.ts";

function wholeRecipe(id: string): Recipe {
  const recipe = recipeOf(id);
  if (!recipe) throw new Error(id);
  return recipe;
}

const MEASURES = {
  shoulder_girth: 1010,
  overbust: 860,
  bust: 920,
  underbust: 760,
  waist: 740,
  high_hip: 905,
  hip: 1008,
  leg_edge: [600, 604] as [number, number],
  trunk_loop: 1540,
  front_waist: 436,
  back_waist: 402,
  side_waist: 216,
  shoulder_to_apex: [276, 274] as [number, number],
  crotch_front: 318,
  crotch_back: 372,
  waist_to_high_hip: 102,
  waist_to_hip: 205,
  skirt_front: 560,
  skirt_side: 565,
  skirt_back: 570,
};
const body = sampleBody(MEASURES);
const cloth = { usable: 0.6, recovery: 0.95, wear: null, usableAlong: 0.4, contraction: 0.3 };

function jobOf(styleId: ShippedStyleId, own: Partial<JobFacts> = {}, taken = body): JobFacts {
  const style = styleOf(styleId);
  const settings = SHIPPED_EASE_SETTINGS;
  const choice = { school: "share", zones: {}, pressuresKpa: {} } as const;
  return {
    style,
    settings,
    school: "share",
    zones: {},
    plan: planStyle({ style, body: taken, cloth, settings, choice }),
    stretch: cloth as unknown as JobFacts["stretch"],
    cupsStretch: cloth as unknown as JobFacts["stretch"],
    layerNames: [],
    rollWidthMm: null,
    cloths: [],
    edge: null,
    openings: {},
    body: taken,
    closed: null,
    patternLengthsMm: {},
    keptWorkings: {},
    beside: {
      ...{ sheetName: "sheet", settingsName: "settings as shipped", isForm: false, isChild: false },
      ...{ wraps: [], elastics: [], chartBust: null, chartLoops: null, chartSizes: {}, shelf: { rows: [] } },
    },
    ...own,
  };
}
const without = (...codes: (keyof typeof MEASURES)[]) =>
  sampleBody(Object.fromEntries(Object.entries(MEASURES).filter(([code]) => !(codes as string[]).includes(code))));
const drawn = (id: PiecesId, job: JobFacts, set: Readonly<Record<string, number | string>> = {}) => {
  const facts = PIECES[id].facts(job);
  return { facts, ...drawPieces(id, { ...PIECES[id].fresh, ...set }, facts) };
};
const followsFrom = (explanation: Explanation) =>
  expect(evaluate(explanation), explanation.formula).toBeCloseTo(explanation.result.value, 6);

const DRAWN = [
  ["brief", "briefPieces"],
  ["bikiniBottom", "briefPieces"],
  ["onePiece", "onePiecePieces"],
  ["bodysuit", "onePiecePieces"],
  ["camisole", "camisolePieces"],
  ["slip", "camisolePieces"],
  ["slip", "slipPieces"],
  ["slip", "skirtPieces"],
] as const;

describe.each(DRAWN)("the pieces of a %s by %s", (style, id) => {
  it("come to the plan of the job all round, in every rule but what its legs lie on", () => {
    const { draft, lacks, warnings, checks } = drawn(id, jobOf(style));
    expect([lacks, warnings]).toEqual([[], []]);
    expect(checks.filter(({ ok, id: rule }) => !ok && rule !== "elasticsTakeUp")).toEqual([]);
    if (!draft) throw new Error("Nothing was drawn.");
    for (const { plannedMm, piecesMm } of girthsOf(draft).girths) expect(piecesMm).toBeCloseTo(plannedMm, 0);
  });

  it("have numbers that follow from their own terms, on the cloth and on the body", () => {
    const { draft, numbers, facts } = drawn(id, jobOf(style));
    if (!draft) throw new Error("Nothing was drawn.");
    for (const { explanation } of numbers) followsFrom(explanation);
    for (const girth of girthsOf(draft).girths) followsFrom(explainGirth(draft, girth));
    for (const piece of draft.pieces)
      for (const edge of piece.edges) {
        followsFrom(explainEdge(piece, edge));
        const onBody = edgeOnBody(draft, piece, edge, facts.stretch);
        if (onBody) followsFrom(onBody);
      }
  });

  it("wait for a school, a plan and a body, and say so", () => {
    expect(drawn(id, jobOf(style, { school: null })).lacks).toMatchObject([
      { what: "plan", message: expect.stringMatching(/chosen school/) },
    ]);
    expect(drawn(id, jobOf(style, { plan: null, body: null })).lacks[0]).toMatchObject({ what: "plan" });
  });
});

describe("what a style does not plan", () => {
  it("is drawn in the strain of the nearest zone, and that is said", () => {
    const job = jobOf("bikiniBottom");
    const { facts, notes } = drawn("briefPieces", job);
    const strain = job.plan?.zones.find(({ zone }) => zone === "highHip")?.chosen?.consequences.strain ?? Number.NaN;
    expect(facts.drawn.girths.waist).toBe(Math.round(740 / (1 + strain)));
    expect(notes.join(" ")).toContain("plans no waist: it is drawn in the strain of the high hip");
  });

  it("is lacking where the body was not measured there", () => {
    const taken = without("waist");
    expect(drawn("briefPieces", jobOf("bikiniBottom", {}, taken)).lacks).toEqual([
      { what: "measure", code: "waist", side: "single" },
    ]);
  });

  it("is left out where only its height was not taken", () => {
    const taken = without("waist_to_high_hip");
    const { draft, notes } = drawn("briefPieces", jobOf("brief", {}, taken));
    expect(draft?.levels.map(({ level }) => level)).toEqual(["waist", "hip"]);
    expect(notes.join(" ")).toContain("without the high hip");
  });
});

describe("the options of a style", () => {
  it("lower a bikini's edge by its drops, cut as its lengths are", () => {
    const { facts, draft } = drawn("briefPieces", jobOf("bikiniBottom"));
    const [front, cut] = [facts.usual.waist_drop_front ?? 0, facts.drawn.lengths.crotch_front as number];
    expect(front).toBeCloseTo((80 * cut) / 318, 9);
    if (!draft) throw new Error("Nothing was drawn.");
    expect(edgeOf(pieceOf(draft, "front"), "waist").lines[0]?.from.y).toBeCloseTo(front, 9);
  });

  it("take the cloth's width, and name one that no piece fits", () => {
    const { facts, draft } = drawn("briefPieces", jobOf("brief", { rollWidthMm: 1400 }));
    expect(facts.usual.roll_width).toBe(1400);
    expect(draft?.rollMm).toBe(1400);
    expect(drawn("briefPieces", jobOf("brief", { rollWidthMm: 150 })).warnings[0]).toMatch(
      /roll_width.*300 to 3200.*150/,
    );
  });

  it("lower it as Torso was told, the side with front and back, unless it was set here", () => {
    const rise = { ...NEW_RISE, dropFrontMm: 60, dropBackMm: 40 };
    const { facts, draft } = drawn("briefPieces", jobOf("bikiniBottom", { keptWorkings: { rise } }));
    const { crotch_front, crotch_back, waist_to_hip } = facts.drawn.lengths as Record<string, number>;
    expect(facts.elsewhere.waist_drop_front?.value).toBeCloseTo((60 * (crotch_front ?? 0)) / 318, 9);
    expect(facts.elsewhere.waist_drop_back?.value).toBeCloseTo((40 * (crotch_back ?? 0)) / 372, 9);
    // The style has 80, 60 and 70: twenty less in front and back, twenty less at the side.
    expect(facts.elsewhere.waist_drop_side).toEqual({
      value: expect.closeTo((50 * (waist_to_hip ?? 0)) / 205, 9),
      at: "Torso",
    });
    if (!draft) throw new Error("Nothing was drawn.");
    expect(edgeOf(pieceOf(draft, "front"), "waist").lines[0]?.from.y).toBeCloseTo((60 * (crotch_front ?? 0)) / 318, 9);
  });

  it("leave it at the waist where Torso was told that, at the side too", () => {
    const rise = { ...NEW_RISE, dropFrontMm: 0, dropBackMm: 0 };
    const { facts } = drawn("briefPieces", jobOf("bikiniBottom", { keptWorkings: { rise } }));
    const options = optionsSet(recipeOfPieces("briefPieces"), {}, facts);
    expect(options).toMatchObject({ waist_drop_front: 0, waist_drop_back: 0, waist_drop_side: 0 });
  });

  it("of cups are those that Cups and Band were told, by side", () => {
    const facts = PIECES.wiredBraPieces.facts(
      jobOf("wiredBra", {
        keptWorkings: {
          cup: { strain: 0.04, remedy: "padSmaller" },
          wire: { ...NEW_WIRE, sides: "apart", wireMm: 210, rightWireMm: 195, rightSpringMm: 4 },
          closure: { ...NEW_HOOKS, rows: 3, dipMm: 12 },
        },
      }),
    );
    expect(optionsSet(recipeOfPieces("wiredBraPieces"), { wire_length: 205 }, facts)).toMatchObject({
      ...{ cup_strain: 0.04, sides: "larger", wires: "apart", wire_length: 205, wire_length_right: 195 },
      ...{ wire_spring_right: 4, hook_rows: 3, bridge_dip: 12 },
    });
    expect(Object.values(facts.decided ?? {}).map(({ words }) => words)).toEqual([
      "Each side its own, as Band has it.",
      "The larger twice, the smaller padded, as decided at Cups.",
    ]);
  });

  it("give way to what was set", () => {
    const { draft } = drawn("briefPieces", jobOf("bikiniBottom"), { waist_drop_front: 55 });
    if (!draft) throw new Error("Nothing was drawn.");
    expect(edgeOf(pieceOf(draft, "front"), "waist").lines[0]?.from.y).toBeCloseTo(55, 9);
  });

  it("of a camisole end below the waist where its style plans it, as its length is cut", () => {
    const job = jobOf("camisole");
    const planned = job.plan?.lengths.share.find(({ id }) => id === "below")?.answer;
    const { facts, draft } = drawn("camisolePieces", job);
    expect(facts.usual.below_waist).toBeCloseTo(planned?.ok ? planned.value.cutMm : Number.NaN, 9);
    if (!draft) throw new Error("Nothing was drawn.");
    const front = pieceOf(draft, "front");
    const { lines } = edgeOf(front, "side");
    const waist = front.levels.find(({ level }) => level === "waist");
    const below = lengthOfEdges(lines) - (front.notches.find(({ edge }) => edge === "side")?.mm ?? 0);
    expect(waist).toBeDefined();
    expect(below).toBeCloseTo(facts.usual.below_waist ?? 0, 0);
    // Of a slip drawn by this recipe no length says where it ends.
    expect(PIECES.camisolePieces.facts(jobOf("slip")).usual.below_waist).toBeUndefined();
  });

  it("of a slip are as long at each centre as its plan has the front and the back", () => {
    const job = jobOf("slip", {}, sampleBody({ ...MEASURES, skirt_front: 590, skirt_back: 548 }));
    const { draft } = drawn("slipPieces", job);
    if (!draft) throw new Error("Nothing was drawn.");
    for (const [piece, id] of [
      ["front", "skirtFront"],
      ["back", "skirtBack"],
    ] as const) {
      const answer = job.plan?.lengths.share.find((one) => one.id === id)?.answer;
      const { levels, edges } = pieceOf(draft, piece);
      const waistY = levels.find(({ level }) => level === "waist")?.from.y ?? Number.NaN;
      const hemY = edges.find(({ id: edge }) => edge === "hem")?.lines.at(-1)?.to.y ?? Number.NaN;
      expect(hemY - waistY).toBeCloseTo(answer?.ok ? answer.value.cutMm : Number.NaN, 6);
    }
  });

  it.each([
    ["softBraPieces", "plan a larger girth below the bust"],
    ["wiredBraPieces", "work the band out at Band"],
  ] as const)("of %s that leave too much to the back of their band are named, with what helps", (id, way) => {
    const { options, ...drawnFrom } = braFacts();
    const reckoned = (usable: number | null) =>
      reckonPieces(wholeRecipe(id === "wiredBraPieces" ? "wiredBra" : "softBra"), options as Record<string, number>, {
        ...NO_PIECES,
        drawn: drawnFrom,
        usable,
      });
    const strain = reckoned(null).numbers.find((one) => one.id === "wingStrain")?.explanation.result.value ?? 0;
    const told = `strained ${(strain * 100).toFixed(1)} %`;
    expect(reckoned(null).warnings).toEqual([]);
    expect(reckoned(strain / 0.59).warnings).toEqual([]);
    expect(reckoned(strain / 0.61).warnings).toEqual([expect.stringContaining(`${told}, over 0.6 of the`)]);
    expect(reckoned(strain * 0.9).warnings).toEqual([
      expect.stringMatching(new RegExp(`${told}, more than the .* its cloth gives: ${way}`)),
    ]);
  });

  it("that nobody can guess are still to be told", () => {
    expect(drawn("stripPieces", jobOf("softBra"), { width: 12 }).lacks).toEqual([
      { what: "entry", name: "finished length" },
    ]);
    expect(drawn("stripPieces", jobOf("softBra"), { width: 12, length: 420 }).draft?.pieces).toHaveLength(1);
  });

  it("that do not fit the body are a warning that names them", () => {
    expect(drawn("briefPieces", jobOf("brief"), { leg_raise: 205 }).warnings[0]).toMatch(/side seam/);
  });
});

it("pieces that are not shown are looked through once for all that they rest on", () => {
  const facts = PIECES.briefPieces.facts(jobOf("brief"));
  const fresh = PIECES.briefPieces.fresh;
  const first = lookThrough("briefPieces", fresh, facts);
  expect(first).toMatchObject({ pieces: 4, warned: false });
  expect(lookThrough("briefPieces", { ...fresh }, { ...facts })).toBe(first);
  expect(lookThrough("briefPieces", { ...fresh, leg_raise: 205 }, facts)).toEqual({
    ...{ pieces: null, faults: 0, warned: true },
  });
});
