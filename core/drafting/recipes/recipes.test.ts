import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { anyDraft, evaluate, sampleDraft } from "../../testing/index.ts";
import { checkDraft } from "../checks/index.ts";
import type { Draft } from "../draft.ts";
import { areaWithin, closedPath } from "../geometry/index.ts";
import { girthsOf } from "../measured.ts";
import { boxOfEdges, cutLine, edgeLength, outlineOf } from "../piece/index.ts";
import { drawBy, RECIPES } from "./recipes.ts";

/** What a body that no recipe can draw is told: which measure does not fit which. */
const NAMED = [
  "side-too-short",
  "crotch-too-high",
  "no-side-left",
  "no-centre-left",
  "strap-outside",
  "skirt-too-short",
  "heights-crossed",
  "no-armhole",
  "neck-too-deep",
  "no-band",
  "arcs-contradict",
  "root-contradicts",
  "band-too-short",
  "tips-too-far",
  "seam-turns-too-much",
  "no-width-left",
];

/** The one rule a plan can break that the drawing cannot mend: its fault names girth and body. */
const BY_THE_PLAN = ["elasticsTakeUp", "limitsKept", "turnsHeld"];

const RUNS = 500;
const SEED = { seed: 20261126, numRuns: RUNS };

/** A cup is laid flat from a surface, panels come by the dozen: a few of them take as long as hundreds of others. */
const COSTLY: Readonly<Record<string, number>> = { cup: 0.06, softBra: 0.06, wiredBra: 0.06, corset: 0.4 };
const runs = (id: string, numRuns = RUNS) => ({ ...SEED, numRuns: Math.ceil(numRuns * (COSTLY[id] ?? 1)) });

/** Pieces are gone round clockwise, their cut lines lie outside of them, and no number of them is none. */
function assertSound(draft: Draft) {
  const { pieces } = draft;
  for (const piece of pieces) {
    const line = cutLine(piece);
    const [within, cut] = [areaWithin(outlineOf(piece)), areaWithin(line)];
    expect(within).toBeGreaterThan(0);
    expect(cut).toBeGreaterThanOrEqual(within - 1e-6 * within);
    // One outline: a gap, however small, would be written as two.
    expect(closedPath(line).match(/M/g)).toHaveLength(1);
    // Beside a narrow bend at the fold an allowance would reach past it.
    if (piece.onFold) expect(boxOfEdges(line).from.x).toBeGreaterThan(-0.01);
    for (const edge of piece.edges) expect(edgeLength(edge)).toBeGreaterThan(0);
  }
  for (const { piecesMm } of girthsOf(draft).girths) expect(Number.isFinite(piecesMm)).toBe(true);
}

describe.each(RECIPES.map(({ id }) => id))("%s over real bodies", (id) => {
  it("draws and keeps every rule that a drawing can keep, or names which measure does not fit which", () => {
    fc.assert(
      fc.property(anyDraft(id), (facts) => {
        const drawn = drawBy(id, facts);
        if (!drawn.ok) {
          expect(NAMED).toContain(drawn.problem.code);
          return;
        }
        const broken = checkDraft(drawn.value).filter((check) => !check.ok && !BY_THE_PLAN.includes(check.id));
        expect(broken).toEqual([]);
        assertSound(drawn.value);
      }),
      runs(id),
    );
  });

  it("opens every number: its formula gives it from its own terms", () => {
    fc.assert(
      fc.property(anyDraft(id), (facts) => {
        const drawn = drawBy(id, facts);
        if (!drawn.ok) return;
        for (const { explanation } of drawn.value.numbers)
          expect(evaluate(explanation)).toBeCloseTo(explanation.result.value, 6);
      }),
      runs(id, 60),
    );
  });

  it("draws the same from the same", () => {
    fc.assert(
      fc.property(anyDraft(id), (facts) => {
        expect(drawBy(id, facts)).toEqual(drawBy(id, structuredClone(facts)));
      }),
      runs(id, 20),
    );
  });
});

describe("most bodies", () => {
  it.each(RECIPES.map(({ id }) => id))("can be drawn by %s", (id) => {
    const all = fc.sample(anyDraft(id), runs(id, 400));
    const drawn = all.filter((facts) => drawBy(id, facts).ok);
    expect(drawn.length).toBeGreaterThan(0.95 * all.length);
  });
});

describe("what a recipe is asked", () => {
  it("no recipe of that name", () => {
    expect(drawBy("cape", { measures: {}, girths: {}, lengths: {}, options: {} })).toMatchObject({
      ok: false,
      problem: {
        code: "unknown-recipe",
        message: expect.stringMatching(/brief, .*rectangle, cup, softBra, wiredBra, corset, but got “cape”/),
      },
    });
  });

  it.each(RECIPES)("$id knows every number it needs by a sentence, once", ({ measures, girths, lengths, options }) => {
    for (const list of [measures, girths, lengths, options]) {
      const ids = list.map(({ id }) => id);
      expect(new Set(ids).size).toBe(ids.length);
    }
    for (const { why } of [...measures, ...girths, ...lengths]) expect(why.length).toBeGreaterThan(5);
    for (const option of options) {
      expect(option.about).toMatch(/^[A-Z].*\.$/);
      if (option.as === "number" && option.usual !== null) {
        expect(option.usual).toBeGreaterThanOrEqual(option.least);
        expect(option.usual).toBeLessThanOrEqual(option.most);
      }
    }
  });
});

it("a draft says what was taken from the larger of two sides", () => {
  const facts = fc.sample(anyDraft("brief"), { seed: 4, numRuns: 1 })[0];
  if (!facts) throw new Error("There is a body.");
  const uneven = { ...facts, girths: { ...facts.girths, leg: { left: 540, right: 560 } } };
  const even = { ...facts, girths: { ...facts.girths, leg: 560 } };
  expect(sampleDraft("brief", uneven).pieces).toEqual(sampleDraft("brief", even).pieces);
  expect(sampleDraft("brief", uneven).notes).toContain("Left and right differ in leg: drawn by the larger side.");
});
