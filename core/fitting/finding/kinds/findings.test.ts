import { describe, expect, it } from "vitest";
import { ZONES } from "../../../ease/index.ts";
import { answer, evaluate, samplePrototype } from "../../../testing/index.ts";
import { explainRemedy } from "../../decide/explainProposal.ts";
import { SPOTS, spotsOf } from "../spots.ts";
import { FINDING_KIND_IDS } from "./findingKind.ts";
import { FINDING_KINDS, kindsAt } from "./index.ts";

describe("the kinds", () => {
  it("are all there under their stable ids, each once", () => {
    expect(FINDING_KINDS.map(({ id }) => id).toSorted()).toEqual([...FINDING_KIND_IDS].toSorted());
  });

  it("are offered at every spot of a garment, and each at some spot", () => {
    for (const { id } of SPOTS) expect(kindsAt(id).length, id).toBeGreaterThan(1);
    for (const kind of FINDING_KINDS) expect(kind.spots.length, kind.id).toBeGreaterThan(0);
  });

  it("are put only where the garment has the spot", () => {
    const brief = spotsOf(["waist", "highHip", "hip", "leg"]).map(({ id }) => id);
    expect(brief).not.toContain("cupTop");
    expect(brief).toContain("smallOfBack");
    expect(spotsOf(ZONES)).toHaveLength(SPOTS.length);
  });

  it("answer without an amount, or a half-filled form, with words and never with a number that is none", () => {
    for (const { id, spots } of FINDING_KINDS) {
      const { remedies, asks, cautions } = answer({ kind: id, spot: spots[0] ?? "waist" });
      for (const { amountMm, why, name } of remedies) {
        expect(amountMm === null || Number.isFinite(amountMm), id).toBe(true);
        expect(`${name} ${why}`, id).not.toMatch(/undefined|NaN|null/);
      }
      expect([...asks, ...cautions].join(" "), id).not.toMatch(/undefined|NaN|null/);
    }
  });

  it("explain every amount they propose by a formula that gives it", () => {
    const detail = {
      way: "high",
      back: 9,
      toward: "up",
      mark: "stays",
      stretched: 400,
      top: 60,
      waist: 40,
      bottom: 52,
      how: "tissue",
      which: "less",
      allowance: 4,
    };
    const sewn = samplePrototype({ sewn: [{ zone: "waist", side: "single", sewnMm: 640, text: "32 cm" }] });
    let explained = 0;
    for (const { id, spots, amount } of FINDING_KINDS) {
      for (const spot of spots) {
        const { finding, remedies, ...proposal } = answer(
          { kind: id, spot, side: "left", amountMm: amount?.needed ? 9 : null, detail },
          sewn,
        );
        for (const remedy of remedies) {
          const explanation = explainRemedy(finding, { remedies, ...proposal }, remedy);
          expect(explanation === null, `${id} ${remedy.id}`).toBe(remedy.amountMm === null);
          if (!explanation || remedy.amountMm === null) continue;
          expect(evaluate(explanation), `${id} ${remedy.id}`).toBeCloseTo(remedy.amountMm, 9);
          explained += 1;
        }
      }
    }
    expect(explained).toBeGreaterThan(40);
  });
});
