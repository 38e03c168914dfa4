import { readdirSync } from "node:fs";
import { basename } from "node:path";
import { describe, expect, it } from "vitest";
import { styleOf } from "../../../ease/index.ts";
import { answer, cutTo, evaluate, sampleFinding, samplePrototype } from "../../../testing/index.ts";
import { explainPart, explainRemedy } from "../../decide/explainProposal.ts";
import { SPOTS, spotsOf } from "../spots.ts";
import { FINDING_KIND_IDS } from "./findingKind.ts";
import { FINDING_KINDS, kindsAt } from "./index.ts";

describe("the kinds", () => {
  it("are all there under their stable ids, each once", () => {
    expect(FINDING_KINDS.map(({ id }) => id).toSorted()).toEqual([...FINDING_KIND_IDS].toSorted());
  });

  it("have a table each beside them", () => {
    const camel = (id: string) => id.replace(/_(.)/g, (_, letter: string) => letter.toUpperCase());
    const tables = readdirSync(import.meta.dirname)
      .filter((file) => file.endsWith(".test.ts"))
      .map((file) => basename(file, ".test.ts"));
    expect(tables.toSorted()).toEqual(["findings", ...FINDING_KIND_IDS.map(camel)].toSorted());
  });

  it("are offered at every spot of a garment, and each at some spot", () => {
    for (const { id } of SPOTS) expect(kindsAt(id).length, id).toBeGreaterThan(1);
    for (const kind of FINDING_KINDS) expect(kind.spots.length, kind.id).toBeGreaterThan(0);
  });

  it("are put only where the garment has the spot", () => {
    const brief = spotsOf(styleOf("brief")).map(({ id }) => id);
    expect(brief).not.toContain("cupTop");
    expect(brief).toContain("smallOfBack");
    expect(brief).toEqual(expect.arrayContaining(["topEdge", "legFront", "legBack"]));
    const places = [
      "cupTop",
      "cupLower",
      "cupCentre",
      "cupSide",
      "bustPoint",
      "neckline",
      "armhole",
      "strap",
      "gore",
      "wing",
    ];
    for (const id of ["softBra", "wiredBra"] as const)
      expect(spotsOf(styleOf(id)).map((spot) => spot.id)).toEqual(expect.arrayContaining(places));
    expect(spotsOf(styleOf("onePiece")).map(({ id }) => id)).not.toContain("gore");
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

  it("explain the amount of each part by a formula that gives it", () => {
    const bodice = cutTo({ frontWaist: [440, 400], backWaist: [410, 410] });
    const moved = { kind: "shifted_line", amountMm: 22, detail: { way: "low", back: 10 } } as const;
    const parts = answer(moved, bodice).first?.parts ?? [];
    expect(parts).toHaveLength(2);
    for (const part of parts) {
      expect(evaluate(explainPart(sampleFinding(), { name: "move" }, part))).toBeCloseTo(part.amountMm, 9);
    }
  });

  it("read an edge that hangs free on resting cloth, a length on the stretch along the body", () => {
    expect(answer({ kind: "gape", spot: "leg", amountMm: 20 }).there).toBeNull();
    const { there } = answer({ kind: "pool", spot: "smallOfBack", amountMm: 20 }, cutTo({ backRise: [372, 346] }));
    expect(there).toMatchObject({ bodyMm: 372, garmentMm: 346, strain: 372 / 346 - 1 });
  });
});
