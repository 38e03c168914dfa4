import { describe, expect, it } from "vitest";
import { explainDerived, roundGirth } from "../ease/index.ts";
import { evaluate, sampleCarried, sampleFinding, sampleFrozen, samplePrototype } from "../testing/index.ts";
import { explainEffect } from "./decide/explainEffect.ts";
import { explainPerEdge, explainRemedy } from "./decide/explainProposal.ts";
import { proposeFor } from "./decide/proposeFor.ts";
import { derivedFromRing, explainNow, explainSewing } from "./prototype/explainRing.ts";
import { frozenRings } from "./prototype/frozenRings.ts";

describe("formulas of the fitting give their figures", () => {
  it.each(["loose", "tight"] as const)("the proposal for %s", (kind) => {
    const finding = sampleFinding({ kind });
    const proposal = proposeFor(finding, samplePrototype());
    if (!proposal.ok) throw new Error(proposal.problem.message);
    const [remedy] = proposal.value.remedies;
    const explanation = remedy ? explainRemedy(finding, proposal.value, remedy) : null;
    expect(explanation && evaluate(explanation)).toBeCloseTo(remedy?.amountMm ?? Number.NaN, 9);
  });

  it("the change at each edge", () => {
    const explanation = explainPerEdge({ amountMm: -24, seams: 2 });
    expect(evaluate(explanation)).toBe(-6);
    expect(explanation.result.value).toBe(-6);
  });

  it("the girth now planned, with one term for every change that touches it", () => {
    const changes = [
      sampleCarried({ changeId: 1, zone: "leg", side: "left", amountMm: 6.2 }),
      sampleCarried({ changeId: 2, zone: "leg", side: "both", amountMm: -1.1 }),
      sampleCarried({ changeId: 3, zone: "waist", side: "both", amountMm: -20 }),
    ];
    const rings = frozenRings(sampleFrozen(changes));
    for (const ring of rings) {
      const explanation = explainNow(ring, changes, "plan");
      expect(roundGirth(evaluate(explanation))).toBe(ring.nowMm);
      expect(explanation.terms).toHaveLength(
        1 +
          {
            waist: 1,
            highHip: 0,
            hip: 0,
            leg: ring.side === "left" ? 2 : 1,
            overbust: 0,
            bust: 0,
            underbust: 0,
            arm: 0,
          }[ring.zone],
      );
    }
  });

  it("the strain of a ring of a prototype", () => {
    const frozen = sampleFrozen();
    for (const ring of frozenRings(frozen)) {
      const from = derivedFromRing(ring, frozen.stretch, { body: "sheet", garment: "plan", cloth: "test" });
      for (const number of ["strain", "shareUsed", "flat", "grown"] as const) {
        const explanation = explainDerived(number, from);
        expect(explanation && evaluate(explanation)).toBeCloseTo(explanation?.result.value ?? Number.NaN, 9);
      }
    }
  });

  it("the strain of a ring of which part does not stretch", () => {
    const { stretch, style, rings } = sampleFrozen();
    const [ring] = frozenRings({ stretch, style, rings: rings.slice(0, 1).map((one) => ({ ...one, stillMm: 210 })) });
    if (!ring) throw new Error("A ring is there.");
    const from = derivedFromRing(ring, stretch, { body: "sheet", garment: "plan", cloth: "test" });
    for (const number of ["strain", "grown", "grownStrain"] as const) {
      const explanation = explainDerived(number, from);
      expect(explanation?.terms.map(({ symbol }) => symbol)).toContain("Q");
      expect(explanation && evaluate(explanation)).toBeCloseTo(explanation?.result.value ?? Number.NaN, 9);
    }
  });

  it("the sewing error", () => expect(evaluate(explainSewing("Waist", 662, 653))).toBe(9));

  it("the effect of a change; none where nothing was done", () => {
    const explanation = explainEffect({ amountMm: 30, doneMm: 22, residualMm: -3 });
    expect(explanation && evaluate(explanation)).toBeCloseTo(1.5, 9);
    expect(explainEffect({ amountMm: 30, doneMm: 0, residualMm: 3 })).toBeNull();
  });
});
