import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  checkDraft,
  type Draft,
  drawBy,
  edgeLength,
  edgeOf,
  girthsOf,
  outlineCloses,
  pieceOf,
} from "../drafting/index.ts";
import { styleOf } from "../ease/index.ts";
import { type Change, decide, kindsAt, type Prototype, proposeFor, spotsOf } from "../fitting/index.ts";
import { anyDraft, sampleChange, samplePrototype } from "../testing/index.ts";
import { hasLanded, LANDS_MM } from "./landing.ts";
import { redraw } from "./redraw.ts";

/** Bodies a recipe: each is given every finding that can be put on it. */
const BODIES = 6;

const NO_PLAN = { rings: [], lengths: [] };

/** Recipes with a style that they are cut for. */
const CUT_FOR = [
  ["brief", "brief"],
  ["onePiece", "onePiece"],
  ["camisole", "camisole"],
  ["biasSlip", "slip"],
  ["skirt", "slip"],
  ["cup", "wiredBra"],
  ["softBra", "softBra"],
  ["wiredBra", "wiredBra"],
  ["corset", "underbustCorset"],
] as const;

/** Drafts of made-up bodies, the same at every run. */
function draftsOf(recipe: string): Draft[] {
  const all = fc.sample(anyDraft(recipe), { numRuns: 4 * BODIES, seed: 37 });
  return all
    .flatMap((facts) => {
      const drawn = drawBy(recipe, facts);
      return drawn.ok ? [drawn.value] : [];
    })
    .slice(0, BODIES);
}

/** Every answer of each choice a kind asks for, one after the other, with amounts where it asks for some. */
function detailsOf(kind: ReturnType<typeof kindsAt>[number]) {
  let details: Record<string, string | number>[] = [{ back: 7, top: 62, waist: 50, bottom: 41, stretched: 180 }];
  for (const field of kind.fields)
    if (field.type === "choice")
      details = details.flatMap((one) => field.choices.map(({ value }) => ({ ...one, [field.id]: value }))).slice(0, 9);
  return details;
}

/** Every change that findings of a style can lead to, as it is kept when it is taken as proposed. */
function changesOf(prototype: Prototype): Change[] {
  const changes = new Map<string, Change>();
  for (const { id: spot, zone } of spotsOf(prototype.frozen.style))
    for (const kind of kindsAt(spot))
      for (const detail of detailsOf(kind))
        for (const side of ["both", "left"] as const) {
          const finding = { kind: kind.id, spot, zone, side, amountMm: 13, detail };
          const proposal = proposeFor(finding, prototype);
          if (!proposal.ok) throw new Error(proposal.problem.message);
          for (const chosen of proposal.value.remedies) {
            const decided = decide(
              { finding, prototype, learned: {} },
              { proposal: proposal.value, chosen },
              { word: { is: "accepted" }, seams: chosen.seams ?? 1, reason: "" },
            );
            if (!decided.ok) throw new Error(decided.problem.message);
            const { on, remedy, parts, amountMm } = decided.value;
            const change = { ...sampleChange(), ...decided.value };
            changes.set(JSON.stringify([on, remedy, spot, side, parts.map((part) => part.amountMm), amountMm]), change);
          }
        }
  return [...changes.values()];
}

describe("a decided change", () => {
  it.each(CUT_FOR)("lands on a %s as it was decided, or says what to do by hand", (recipe, styleId) => {
    const sample = samplePrototype();
    const prototype = { ...sample, frozen: { ...sample.frozen, style: styleOf(styleId) } };
    const changes = changesOf(prototype);
    const missed: string[] = [];
    let landed = 0;
    for (const draft of draftsOf(recipe))
      for (const change of changes) {
        const redrawn = redraw(draft, [change], NO_PLAN);
        const [step] = redrawn.steps;
        if (!step) throw new Error("A change has a step.");
        expect(outlineCloses.faults(redrawn.draft)).toEqual([]);
        if (step.instead !== "") {
          expect(step.instead).toMatch(/^(By hand|No line|It has no amount)/);
          expect(step.calls).toEqual([]);
        }
        for (const one of step.lands ?? []) {
          if (hasLanded(one)) landed += 1;
          else
            missed.push(
              `${change.remedy} ${change.spot} ${change.side}: ${one.piece} ${one.measure} ${one.of} ${one.byMm}, came ${one.cameMm}`,
            );
        }
      }
    expect(missed).toEqual([]);
    expect(landed).toBeGreaterThan(20);
  });

  const BLOCKS = ["brief", "onePiece", "camisole"] as const;
  const girth = (draft: Draft, level: string) =>
    girthsOf(draft).girths.find((one) => one.level === level)?.piecesMm ?? Number.NaN;
  const own = (change: Partial<Change>): Change =>
    sampleChange({ side: "both", pieces: "front, back", parts: [], lengthId: "", remedy: "", ...change });

  it.each(BLOCKS)("of a girth of a %s comes to all of it there, and to nothing at the other levels", (recipe) => {
    for (const draft of draftsOf(recipe))
      for (const { level } of girthsOf(draft).girths.filter((one) =>
        draft.levels.some((own) => own.level === one.level),
      )) {
        const change = own({ on: "girth", zone: level as Change["zone"], spot: level as Change["spot"], amountMm: -9 });
        const { draft: after, steps } = redraw(draft, [change], NO_PLAN);
        if (steps[0]?.instead) continue;
        for (const one of girthsOf(draft).girths)
          expect(girth(after, one.level) - one.piecesMm).toBeCloseTo(one.level === level ? -9 : 0, 1);
      }
  });

  it.each(BLOCKS)("of a length of a %s goes where it was decided, front and back apart", (recipe) => {
    const middle = (draft: Draft, half: string) => {
      const piece = pieceOf(draft, half);
      const edge = piece.edges.find(({ role }) => role.startsWith("centre"));
      return edge ? edgeLength(edge) : Number.NaN;
    };
    for (const draft of draftsOf(recipe))
      for (const [front, back] of [
        [9, 9],
        [0, 18],
        [-7, 0],
        [12, 5],
      ] as const) {
        const parts = (
          [
            ["front", front],
            ["back", back],
          ] as const
        )
          .filter(([, amountMm]) => amountMm !== 0)
          .map(([id, amountMm]) => ({
            id,
            pieces: id,
            line: "",
            lengthId: "backRise",
            amountMm,
            readMm: null,
            strain: null,
          }));
        const change = own({ on: "length", spot: "seat", zone: "hip", amountMm: front + back, parts });
        const { draft: after, steps } = redraw(draft, [change], NO_PLAN);
        // A hem just below the last level leaves no room for it, and that is said.
        if (steps[0]?.instead) continue;
        expect(Math.abs(middle(after, "front") - middle(draft, "front") - front)).toBeLessThan(LANDS_MM);
        expect(Math.abs(middle(after, "back") - middle(draft, "back") - back)).toBeLessThan(LANDS_MM);
      }
  });

  it("of an upper edge below the waist is taken there, all of it, and the levels below stay", () => {
    const lowered: readonly Record<string, number>[] = [
      { waist_drop_side: 40 },
      { waist_drop_front: 30, waist_drop_back: 20, waist_drop_side: 45 },
    ];
    for (const drops of lowered)
      for (const facts of fc.sample(anyDraft("brief"), { numRuns: 12, seed: 5 })) {
        const drawn = drawBy("brief", { ...facts, options: { ...facts.options, leg_raise: 0, ...drops } });
        if (!drawn.ok) continue;
        const change = own({ on: "girth", zone: "waist", spot: "waist", amountMm: -13.9 });
        const { draft: after } = redraw(drawn.value, [change], NO_PLAN);
        const edges = (draft: Draft) =>
          2 * ["front", "back"].reduce((sum, half) => sum + edgeLength(edgeOf(pieceOf(draft, half), "waist")), 0);
        expect(Math.abs(edges(after) - edges(drawn.value) + 13.9)).toBeLessThan(LANDS_MM);
        // Four edges go round.
        for (const { level, piecesMm } of girthsOf(drawn.value).girths)
          expect(Math.abs(girth(after, level) - piecesMm)).toBeLessThan(4 * LANDS_MM);
      }
  });

  it("leaves no seam longer than the one it is sewn to, whichever half it was read on", () => {
    for (const draft of draftsOf("onePiece")) {
      const broken = (one: Draft) => checkDraft(one).filter(({ id, ok }) => !ok && id === "seamsMatch").length;
      for (const spot of ["armhole", "legFront", "legBack"] as const) {
        const change = own({
          on: "edge",
          remedy: "wedge",
          spot,
          zone: "bust",
          pieces: spot === "armhole" ? "front" : spot === "legFront" ? "front" : "back",
          amountMm: -8,
        });
        expect(broken(redraw(draft, [change], NO_PLAN).draft)).toBeLessThanOrEqual(broken(draft));
      }
    }
  });

  it.each(BLOCKS)("of both sides of a %s lands on either, where an earlier change told them apart", (recipe) => {
    const later = [
      own({ id: 2, on: "girth", zone: "waist", spot: "waist", amountMm: -10 }),
      own({ id: 3, on: "girth", zone: "leg", spot: "leg", amountMm: -6 }),
      own({ id: 4, on: "balance", remedy: "balance-front", zone: "waist", spot: "sideSeam", amountMm: 5 }),
      own({ id: 5, on: "edge", remedy: "wedge", zone: "bust", spot: "armhole", pieces: "front", amountMm: -7 }),
    ];
    let landed = 0;
    for (const draft of draftsOf(recipe)) {
      const first = own({ id: 1, on: "girth", zone: "waist", spot: "waist", side: "left", amountMm: -9 });
      const apart = redraw(draft, [first], NO_PLAN).draft;
      const { draft: after, steps } = redraw(apart, later, NO_PLAN);
      for (const { lands = [] } of steps)
        for (const one of lands) {
          expect(hasLanded(one), `${one.piece} ${one.of} ${one.byMm}, came ${one.cameMm}`).toBe(true);
          landed += 1;
        }
      if (steps[0]?.instead === "" && girthsOf(draft).girths.some(({ level }) => level === "waist"))
        expect(Math.abs(girth(after, "waist") - girth(draft, "waist") + 19)).toBeLessThan(1);
    }
    expect(landed).toBeGreaterThan(8);
  });
});
