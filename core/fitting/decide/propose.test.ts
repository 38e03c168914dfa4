import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { sampleFinding, samplePrototype } from "../../testing/index.ts";
import { FINDING_KINDS } from "../finding/kinds/index.ts";
import { explainRemedy } from "./explainProposal.ts";
import { propose } from "./propose.ts";
import { proposeFor, strainThere, usualSeams } from "./proposeFor.ts";
import { hasShareRule } from "./shareRule.ts";

const value = (...args: Parameters<typeof propose>) => {
  const proposal = propose(...args);
  return proposal.ok ? proposal.value : proposal.problem.code;
};

describe("share rule", () => {
  it("takes half of a small pinch and 0.65 from 15 mm on", () => {
    expect(value({ finding: "loose", amountMm: 14.9 })).toMatchObject({ share: 0.5 });
    expect(value({ finding: "loose", amountMm: 15 })).toMatchObject({ share: 0.65, takeMm: -9.75 });
  });

  it("gives the whole of an addition", () => {
    expect(value({ finding: "tight", amountMm: 9 })).toEqual({ share: 1, takeMm: 9, perEdgeMm: null });
  });

  it("cuts on resting cloth what was read on stretched, and divides it over two edges a seam", () => {
    const proposal = value({ finding: "loose", amountMm: 24, share: 1, strain: 0.2, seams: 2 });
    expect(proposal).toMatchObject({ takeMm: -20, perEdgeMm: -5 });
  });

  it.each([
    [{ finding: "drag", amountMm: 10 }, "no-share-rule"],
    [{ finding: "loose", amountMm: 0 }, "amount-not-positive"],
    [{ finding: "loose", amountMm: Number.NaN }, "amount-not-positive"],
    [{ finding: "loose", amountMm: 10, share: 2.1 }, "share-out-of-range"],
    [{ finding: "loose", amountMm: 10, strain: -1 }, "strain-out-of-range"],
    [{ finding: "loose", amountMm: 10, seams: 1.5 }, "seams-not-whole"],
  ])("refuses %o as %s", (input, code) => expect(value(input)).toBe(code));

  it("has a first share for these kinds, and no other", () => {
    const of = (first: string) =>
      FINDING_KINDS.filter(hasShareRule)
        .filter(({ effect }) => (effect === "removal") === (first === "a part"))
        .map(({ id }) => id)
        .toSorted();
    expect(of("a part")).toEqual(["cup_empty", "gape", "loose", "pool", "rides"]);
    expect(of("all")).toEqual(["closure", "cup_spill", "digs", "shifted_apex", "shifted_line", "short", "tight"]);
  });

  it("never takes more than was read, and gives additions whole", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...FINDING_KINDS.filter(hasShareRule)),
        fc.double({ min: 0.1, max: 500, noNaN: true }),
        fc.double({ min: 0, max: 2, noNaN: true }),
        ({ id: finding, effect }, amountMm, strain) => {
          const proposal = propose({ finding, amountMm, strain });
          if (!proposal.ok) return false;
          const worn = proposal.value.takeMm * (1 + strain);
          return effect === "removal" ? worn < 0 && -worn < amountMm : Math.abs(worn - amountMm) <= 1e-9 * amountMm;
        },
      ),
      { seed: 20261124 },
    );
  });
});

describe("proposal for a finding on a prototype", () => {
  it("uses the strain of the garment as sewn, else as planned", () => {
    const planned = strainThere(sampleFinding(), samplePrototype());
    expect(planned).toMatchObject({ basis: "planned", garmentMm: 653 });
    const sewn = samplePrototype({ sewn: [{ zone: "waist", side: "single", sewnMm: 700, text: "35 cm" }] });
    expect(strainThere(sampleFinding(), sewn)).toMatchObject({ basis: "sewn", strain: 742 / 700 - 1 });
  });

  it("counts no strain where the garment hangs slack", () => {
    const slack = samplePrototype({ sewn: [{ zone: "waist", side: "single", sewnMm: 800, text: "40 cm" }] });
    expect(strainThere(sampleFinding(), slack)?.strain).toBe(0);
  });

  it("takes the more stretched of two legs", () => {
    const there = strainThere(sampleFinding({ zone: "leg" }), samplePrototype());
    expect(there?.bodyMm).toBe(604);
  });

  it("spreads over both side seams, or over one for a finding on one side", () => {
    expect(usualSeams(sampleFinding(), samplePrototype())).toEqual({ count: 2, name: "side seams" });
    expect(usualSeams(sampleFinding({ side: "left" }), samplePrototype())).toEqual({
      count: 1,
      name: "left side seam",
    });
  });

  it("proposes with the numbers of the place", () => {
    const proposal = proposeFor(sampleFinding(), samplePrototype());
    expect(proposal.ok && proposal.value.remedies[0]?.amountMm).toBeCloseTo((-0.65 * 24 * 653) / 742, 9);
    expect(proposal.ok && proposal.value.seams.count).toBe(2);
  });
});

describe("a learnt share", () => {
  const proposed = (own: Parameters<typeof proposeFor>[2]) => {
    const proposal = proposeFor(sampleFinding(), samplePrototype(), own);
    return proposal.ok ? proposal.value.taken : null;
  };

  it("stands in for the habit, with its outcomes, until the maker says her own", () => {
    const learned = { loose: { share: 0.78, n: 5 } };
    expect(proposed({ learned })).toMatchObject({ share: 0.78, shareFrom: { basis: "outcomes", n: 5 } });
    expect(proposed({ learned, share: 1 })).toMatchObject({ share: 1, shareFrom: { basis: "own", n: 0 } });
  });

  it("that is not there yet leaves the habit", () => {
    const byHabit = { share: 0.65, shareFrom: { basis: "habit", n: 0 } };
    expect(proposed({ learned: { loose: { share: null, n: 2 } } })).toMatchObject(byHabit);
    expect(proposed({ learned: { tight: { share: 0.9, n: 9 } } })).toMatchObject(byHabit);
  });

  it("says where it comes from, in the proposal and in its explanation", () => {
    const proposal = proposeFor(sampleFinding(), samplePrototype(), { learned: { loose: { share: 0.78, n: 5 } } });
    const [remedy] = proposal.ok ? proposal.value.remedies : [];
    const explanation = proposal.ok && remedy ? explainRemedy(sampleFinding(), proposal.value, remedy) : null;
    expect(explanation?.terms[0]?.source).toBe("from your 5 outcomes");
    expect(explanation?.notes.join(" ")).toContain("Learnt from this workshop");
  });
});
