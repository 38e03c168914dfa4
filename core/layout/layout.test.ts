import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { BRIEF_FACTS, draftOf, ONE_PIECE_FACTS, overlapMm2, sampleDraft, samplePiece } from "../testing/index.ts";

import { better } from "./better.ts";
import { type CutShape, copiesOf, placedOutline, sizeOfShape } from "./cutShape.ts";
import { boxFill, coveredMm2, type Layout, leastLength, plainFill } from "./fill.ts";
import type { LayoutFacts } from "./layoutFacts.ts";
import { motifsOnSeam, onMotif } from "./motif.ts";
import { keptOf, laidAgain, reckonLayout, tableFor } from "./reckonLayout.ts";
import { type Roll, type Table, tableOf } from "./roll.ts";
import { type CutFrom, shapesOf } from "./shapesOf.ts";
import { NEW_LAYOUT } from "./working.ts";

const ROLL: Roll = {
  ...{ widthMm: 700, laying: "single", halfTurn: true, selvedgeMm: 10, roomMm: 3, shrinkAlong: 0, shrinkAcross: 0 },
  ...{ repeatAlongMm: null, repeatAcrossMm: null, borders: 0 },
};
const HOW: CutFrom = {
  ...{
    takes: ({ role }) => role === "shell",
    laying: "single",
    stretchAlong: false,
    border: null,
    test: false,
    garments: 1,
  },
};
const brief = { id: "briefPieces", draft: sampleDraft("brief", BRIEF_FACTS) };
const onePiece = { id: "onePiecePieces", draft: sampleDraft("onePiece", ONE_PIECE_FACTS) };

const table = (own: Partial<Roll> = {}): Table => {
  const made = tableOf({ ...ROLL, ...own });
  if (!made.ok) throw new Error(made.problem.message);
  return made.value;
};
const cut = (set: typeof brief, own: Partial<CutFrom> = {}) => shapesOf([set], { ...HOW, ...own });
/** The best of so many trials. */
function bettered(shapes: ReturnType<typeof cut>["shapes"], on: Table, trials: number, seed = 1): Layout {
  let last: Layout | null = null;
  for (const { layout, tried } of better(shapes, on, seed)) {
    last = layout;
    if (tried >= trials) break;
  }
  if (!last) throw new Error("Nothing was laid.");
  return last;
}
/** Every piece on the table, none over another: by a routine that knows nothing of how they were laid. */
function expectApart({ placed, lengthMm }: Layout, on: Table): void {
  const outlines = placed.map((one) => placedOutline(one));
  expect(overlapMm2(outlines)).toBeLessThan(1e-3);
  for (const { x, y } of outlines.flat()) {
    expect(Math.min(x, y)).toBeGreaterThan(-0.1);
    expect(y).toBeLessThan(on.widthMm + 0.1);
    expect(x).toBeLessThan(lengthMm + 0.1);
  }
}

describe("pieces as they lie on a roll", () => {
  it("are whole on one layer, and halves on the fold of a folded one", () => {
    const [whole, half] = [cut(brief).shapes, cut(brief, { laying: "folded" }).shapes];
    expect(half.map(({ bound }) => bound)).toEqual(["fold", "fold", "fold"]);
    for (const [at, shape] of whole.entries()) {
      expect(shape.areaMm2).toBeCloseTo(2 * (half[at]?.areaMm2 ?? 0), 0);
      expect(sizeOfShape(shape).widthMm).toBeCloseTo(2 * sizeOfShape(half[at] ?? shape).widthMm, 1);
    }
  });

  it("lie a quarter turn round where the stretch runs along, as whole pieces even on folded cloth", () => {
    const [front] = cut(brief).shapes;
    const { shapes, notes } = cut(brief, { stretchAlong: true, laying: "folded" });
    expect(shapes[0]?.bound).toBe("free");
    expect(sizeOfShape(shapes[0] ?? (front as never)).lengthMm).toBeCloseTo(sizeOfShape(front as never).widthMm, 1);
    expect(notes[0]).toContain("does not run along the roll");
  });

  it("of a garment to try on have no allowance at neckline and armhole", () => {
    const area = (test: boolean) => coveredMm2(cut(onePiece, { test }).shapes);
    expect(area(true)).toBeLessThan(area(false) - 1000);
    expect(coveredMm2(cut(brief, { test: true }).shapes)).toBe(coveredMm2(cut(brief).shapes));
  });

  it("of a pair are cut one as drawn and one turned over; double cloth gives both at once", () => {
    const pair = samplePiece(
      [
        [0, 0],
        [80, 0],
        [120, 60],
        [0, 60],
      ],
      { count: 2, mirrored: true },
    );
    const set = { id: "ownPieces", draft: draftOf([pair]) };
    const counts = (laying: CutFrom["laying"]) => {
      const [shape] = cut(set as typeof brief, { laying }).shapes;
      return shape && { ...shape.copies, gives: shape.gives };
    };
    expect(counts("single")).toEqual({ drawn: 1, over: 1, gives: 1 });
    expect(counts("folded")).toEqual({ drawn: 1, over: 0, gives: 2 });
    expect(counts("pairs")).toEqual({ drawn: 1, over: 0, gives: 2 });
  });

  it("lie with a nearly straight edge on a border, its low points there and without an allowance; a bent one is refused", () => {
    const { shapes, notes } = cut(brief, { border: "waist" });
    expect(shapes.slice(0, 2).map(({ bound }) => bound)).toEqual(["border", "border"]);
    // A waist along the roll lays the cloth round the body the other way.
    expect(cut(brief, { border: "waist" }).warnings[0]).toContain("The border turns “Front”");
    expect(cut(brief, { border: "waist", stretchAlong: true }).warnings).toEqual([]);
    expect(notes[0]).toMatch(/waist edge of “Front” bows \d+ mm/);
    const on = table({ borders: 1, widthMm: 1500 });
    const { placed } = bettered(shapes, on, 20);
    for (const one of placed.slice(0, 2))
      if (one.shape.bound === "border")
        expect(Math.min(...placedOutline(one, one.shape.seam).map(({ y }) => y))).toBeCloseTo(0, 6);
    const bent = cut(brief, { border: "leg" });
    expect(bent.warnings[0]).toContain("more than a straight border can follow");
    expect(bent.shapes.every(({ bound }) => bound === "free")).toBe(true);
  });
});

describe("layouts", () => {
  it("by hand: two squares of 100 side by side, three in two rows", () => {
    const square = samplePiece(
      [
        [0, 0],
        [100, 0],
        [100, 100],
        [0, 100],
      ],
      { count: 3 },
    );
    const bare = { ...square, edges: square.edges.map((edge) => ({ ...edge, allowanceMm: 0 })) };
    const shapes = cut({ id: "ownPieces", draft: draftOf([bare]) } as unknown as typeof brief).shapes;
    const on = table({ widthMm: 230, selvedgeMm: 5, roomMm: 4 });
    expect(leastLength(shapes, on)).toBeCloseTo(30_000 / 220, 6);
    const laid = plainFill(shapes, on);
    expect(laid.ok && laid.value.lengthMm).toBeCloseTo(204, 6);
  });

  it.each([
    ["single", {}],
    ["folded", {}],
    ["pairs", {}],
    ["single", { repeatAlongMm: 90, repeatAcrossMm: 70 }],
    ["single", { halfTurn: false, roomMm: 0 }],
  ] as const)("%s with %o keep every piece apart and on the roll, however they are searched", (laying, own) => {
    const on = table({ laying, ...own, widthMm: laying === "folded" ? 1400 : 700 });
    for (const set of [brief, onePiece]) {
      const { shapes } = cut(set, { laying, garments: 2 });
      const [boxes, plain] = [boxFill(shapes, on), plainFill(shapes, on)];
      if (!boxes.ok || !plain.ok) throw new Error("There is room.");
      const best = bettered(shapes, on, 25);
      for (const one of [boxes.value, plain.value, best]) expectApart(one, on);
      expect(best.placed).toHaveLength(copiesOf(shapes).length);
      expect(best.lengthMm).toBeLessThanOrEqual(Math.min(boxes.value.lengthMm, plain.value.lengthMm) + 1e-6);
      expect(best.lengthMm).toBeGreaterThanOrEqual(leastLength(shapes, on) - 1e-6);
    }
  });

  it("keep any pieces apart on any roll", () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            fc.integer({ min: 30, max: 300 }),
            fc.integer({ min: 30, max: 200 }),
            fc.integer({ min: -20, max: 25 }),
          ),
          { minLength: 1, maxLength: 6 },
        ),
        fc.integer({ min: 320, max: 900 }),
        fc.integer({ min: 0, max: 12 }),
        (sizes, widthMm, roomMm) => {
          const pieces = sizes.map(([wide, high, lean], at) =>
            samplePiece(
              [
                [0, 0],
                [wide, lean],
                [wide + lean / 2, high],
                [wide / 2, high - lean / 2],
                [0, high],
              ],
              {
                ...{ id: `p${at}`, count: 1 + (at % 3), mirrored: at % 2 === 1 },
              },
            ),
          );
          const { shapes } = cut({ id: "ownPieces", draft: draftOf(pieces) } as unknown as typeof brief);
          const on = table({ widthMm: widthMm + 60, roomMm });
          if (shapes.some((shape) => sizeOfShape(shape).widthMm > on.widthMm)) return;
          expectApart(bettered(shapes, on, 8, widthMm), on);
        },
      ),
      { numRuns: 40 },
    ));

  it("put every piece at the same place of a motif", () => {
    const on = table({ repeatAlongMm: 90, repeatAcrossMm: 70 });
    const { placed } = bettered(cut(brief, { garments: 2 }).shapes, on, 10);
    const off = (mm: number, repeat: number) => Math.abs(mm - repeat * Math.round(mm / repeat));
    for (const one of placed) {
      const [anchor] = placedOutline(one, [one.shape.anchor]);
      expect(off(anchor?.x ?? 1, 90)).toBeLessThan(1e-6);
      expect(off(anchor?.y ?? 1, 70)).toBeLessThan(1e-6);
    }
  });

  it("lie on a motif so that their seams cut no more motifs than they must", () => {
    const motif = { acrossMm: 24, repeatAlongMm: 90, repeatAcrossMm: 70 };
    const { shapes } = cut(brief);
    const cuts = (ones: readonly CutShape[]) => ones.map((one) => motifsOnSeam(one, motif));
    const [before, moved] = [cuts(shapes), shapes.map((one) => onMotif(one, motif))];
    const after = cuts(moved);
    expect(after.every((count, at) => count <= (before[at] ?? 0))).toBe(true);
    expect(after.reduce((sum, one) => sum + one, 0)).toBeLessThan(before.reduce((sum, one) => sum + one, 0));
    // By hand: a square of 200 with motifs every 100, of which none is cut 50 off its edges.
    const seam = [
      { x: 0, y: 0 },
      { x: 200, y: 0 },
      { x: 200, y: 200 },
      { x: 0, y: 200 },
    ];
    const square = { ...(shapes[0] as CutShape), outline: seam, seam, bound: "free", eitherWay: false } as const;
    const hundred = { acrossMm: 40, repeatAlongMm: 100, repeatAcrossMm: 100 };
    const onCorner = { ...square, anchor: { x: 100, y: 100 } };
    expect(motifsOnSeam(onCorner, hundred)).toBe(8);
    expect(motifsOnSeam(onMotif(onCorner, hundred), hundred)).toBe(0);
    const alike = onMotif({ ...onCorner, eitherWay: true }, hundred);
    expect([alike.anchor.y, motifsOnSeam(alike, hundred)]).toEqual([100, 4]);
    const larger = onMotif(onCorner, { ...hundred, acrossMm: 220 });
    expect(larger).toBe(onCorner);
  });

  it("are shorter than a plain fill by 5 % at least where there is something to turn and exchange", () => {
    const { shapes } = cut(onePiece);
    const plain = plainFill(shapes, table());
    if (!plain.ok) throw new Error("There is room.");
    expect(bettered(shapes, table(), 400).lengthMm).toBeLessThan(0.95 * plain.value.lengthMm);
  });

  it("are laid again as they were kept, and not where pieces or cloth have changed", () => {
    const { shapes } = cut(onePiece, { garments: 2 });
    const best = bettered(shapes, table(), 30);
    expect(laidAgain(shapes, table(), keptOf(best))?.lengthMm).toBeCloseTo(best.lengthMm, 6);
    expect(laidAgain(shapes, table({ widthMm: 620 }), keptOf(best))).toBeNull();
    expect(laidAgain(cut(onePiece).shapes, table(), keptOf(best))).toBeNull();
    const grown = sampleDraft("onePiece", { ...ONE_PIECE_FACTS, girths: { ...ONE_PIECE_FACTS.girths, hip: 960 } });
    expect(laidAgain(cut({ ...onePiece, draft: grown }, { garments: 2 }).shapes, table(), keptOf(best))).toBeNull();
  });
});

describe("a roll that does not do", () => {
  const code = (own: Partial<Roll>) => {
    const made = tableOf({ ...ROLL, ...own });
    return made.ok ? "ok" : made.problem.code;
  };
  it("is named by what it lacks", () => {
    expect(code({ widthMm: null })).toBe("no-width");
    expect(code({ repeatAlongMm: 0 })).toBe("no-repeat");
    expect(code({ widthMm: 25 })).toBe("too-narrow");
    expect(code({ borders: 1, laying: "folded" })).toBe("folded-border");
  });

  it("is told with the piece that is wider than it, and how wide that is", () => {
    const laid = plainFill(cut(brief).shapes, table({ widthMm: 200 }));
    expect(laid.ok ? "" : laid.problem.message).toMatch(/room for “(Front|Back)”, which is \d+ mm across, but 180 mm/);
  });

  it("names what is cut from it and not drawn, and asks for a cloth that no layer names", () => {
    const lined = sampleDraft("brief", { ...BRIEF_FACTS, options: { ...BRIEF_FACTS.options, lining: "whole" } });
    const facts: LayoutFacts = { sets: [{ id: "briefPieces", draft: lined }], has: [], undrawn: [], cloth: null };
    const reckon = (own: Partial<LayoutFacts>, widthMm: number | null = 1500) =>
      reckonLayout("lining")({ ...NEW_LAYOUT, widthMm }, { ...facts, ...own });
    // The lining of front and back with that of the gusset: every one of them laid.
    expect(reckon({}).shapes.map(({ name }) => name)).toEqual(["Gusset lining", "Front lining", "Back lining"]);
    expect(reckon({}).numbers.find(({ id }) => id === "buy")?.explanation.result.value).toBeGreaterThan(200);
    expect(reckon({}).warnings).toEqual([
      expect.stringMatching(/^No layer of this garment is its lining: name its cloth/),
    ]);
    expect(reckon({}, null).lacks).toMatchObject([
      { name: expect.stringContaining("a layer for the lining can be named") },
    ]);
    const words = "Not drawn, and so not laid or counted: Pocket for cups.";
    expect(reckon({ undrawn: ["Pocket for cups"] }).warnings[0]).toContain(words);
    expect(reckon({ sets: [], undrawn: ["Pocket for cups"] }).lacks).toMatchObject([
      { message: expect.stringContaining(words) },
    ]);
  });

  it("shrinks before it is cut where it is washed first", () => {
    const facts = {
      sets: [],
      has: [],
      undrawn: [],
      cloth: { name: "Jersey", widthMm: 1500, shrinkAlong: 0.05, shrinkAcross: 0.04, round: "across" },
    } as const;
    const wide = (washed: boolean) => {
      const made = tableFor({ ...NEW_LAYOUT, washed }, facts);
      return made.ok ? made.value.widthMm : 0;
    };
    expect([wide(true), wide(false)]).toEqual([1500 * 0.96 - 20, 1480]);
  });
});
