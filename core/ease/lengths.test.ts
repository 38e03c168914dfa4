import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { evaluate, SAMPLE_SHEET, sampleBody } from "../testing/index.ts";
import { explainLength } from "./explain/explainLength.ts";
import { lengthCut } from "./lengthCut.ts";
import { type LengthsInput, planLengths } from "./planLengths.ts";
import { STRETCH_SCHOOL_IDS, schoolOf } from "./schools/index.ts";
import { SHIPPED_EASE_SETTINGS as settings } from "./settings.ts";
import { bikiniBottom } from "./styles/bikiniBottom.ts";
import { brief } from "./styles/brief.ts";
import { wiredBra } from "./styles/wiredBra.ts";

describe("a length as cut", () => {
  const segments = [
    { bodyMm: 300, girthStrain: 0.2 },
    { bodyMm: 100, girthStrain: 0 },
  ];

  it("tells stretch and draw-in apart, and they add up", () => {
    const { cutMm, forStretchMm, forDrawInMm } = lengthCut(segments, {
      lengthStrain: 0.05,
      contraction: 0.4,
      freedom: 0.5,
    });
    expect(cutMm).toBeCloseTo((300 * 1.2 ** 0.2 + 100) / 1.05, 9);
    expect(400 + forStretchMm + forDrawInMm).toBeCloseTo(cutMm, 9);
    expect(forStretchMm).toBeCloseTo(400 / 1.05 - 400, 9);
  });

  it("is the body where nothing stretches or draws in", () => {
    expect(lengthCut(segments, { lengthStrain: 0, contraction: 0, freedom: 0.5 })).toEqual({
      cutMm: 400,
      forStretchMm: 0,
      forDrawInMm: 0,
    });
  });

  it("grows with the draw-in and shrinks with the stretch, at any size", () => {
    const ratio = fc.double({ min: 0, max: 1, noNaN: true });
    fc.assert(
      fc.property(ratio, ratio, fc.constantFrom(0.01, 1, 1000), (less, more, scale) => {
        const scaled = segments.map(({ bodyMm, girthStrain }) => ({ bodyMm: bodyMm * scale, girthStrain }));
        const [a, b] = [Math.min(less, more), Math.max(less, more)];
        const cut = (contraction: number, lengthStrain: number) =>
          lengthCut(scaled, { lengthStrain, contraction, freedom: 0.5 }).cutMm;
        return cut(b, 0.1) >= cut(a, 0.1) && cut(0.3, b) <= cut(0.3, a);
      }),
      { seed: 20261125 },
    );
  });
});

describe("the strain intended along the body", () => {
  const strain = (school: (typeof STRETCH_SCHOOL_IDS)[number], usable: number | null) => {
    const answer = schoolOf(school).lengthStrain({ family: brief.family, usableAlong: usable, settings });
    return answer.ok ? answer.value : answer.problem.code;
  };

  it("is none by the fixed cut, a third of the reduction, or the family's share", () => {
    expect(strain("fixed", 0.5)).toBe(0);
    // 6 % at 50 % stretch; 0.35 of it is 2.1 %, worn at 2.145 %.
    expect(strain("percent", 0.5)).toBeCloseTo(0.021 / 0.979, 12);
    expect(["share", "pressure", "profile"].map((id) => strain(id as "share", 0.5))).toEqual([0.025, 0.025, 0.025]);
  });

  it("is not known without a test along, but for the fixed cut", () => {
    expect(STRETCH_SCHOOL_IDS.map((id) => strain(id, null))).toEqual([
      0,
      "no-test-along",
      "no-test-along",
      "no-test-along",
      "no-test-along",
    ]);
  });
});

describe("the lengths of a plan", () => {
  const input = {
    style: brief,
    body: { values: SAMPLE_SHEET.values, tape: "snug" as const },
    along: { usableAlong: 0.4, contraction: 0.3 },
    settings,
    strainOf: () => 0.15,
  };
  const answers = (own: Partial<LengthsInput>) =>
    planLengths("share", { ...input, ...own }).map(({ answer }) => (answer.ok ? answer.value : answer.problem.code));

  it("are explained by a formula that gives their figure", () => {
    for (const school of STRETCH_SCHOOL_IDS) {
      for (const { answer } of planLengths(school, input)) {
        if (!answer.ok) throw new Error(answer.problem.message);
        const explanation = explainLength(
          answer.value,
          school,
          { freedom: settings.drawInFreedom, others: [] },
          {
            sheet: "sheet",
            test: "test",
            settings: "settings",
          },
        );
        expect(evaluate(explanation)).toBeCloseTo(answer.value.cutMm, 9);
      }
    }
  });

  it("take the drop of the style off the body", () => {
    const [front] = answers({ style: bikiniBottom });
    expect(front).toMatchObject({ bodyMm: 318 - 80, dropMm: 80 });
    expect(answers({ style: { ...bikiniBottom, drops: { front: 400, back: 0, side: 0 } } })[0]).toBe("drop-too-deep");
  });

  it("take no draw-in from slack cloth, from a school without it, or where it was not read, and say so", () => {
    expect(answers({ strainOf: () => -0.1 })[0]).toMatchObject({ forDrawInMm: 0, drawIn: "counted" });
    expect(answers({ along: { usableAlong: 0.4, contraction: null } })[0]).toMatchObject({
      forDrawInMm: 0,
      drawIn: "notRead",
    });
    const [byPercent] = planLengths("percent", input);
    expect(byPercent?.answer.ok && byPercent.answer.value).toMatchObject({ forDrawInMm: 0, drawIn: "schoolTakesNone" });
  });

  it("of a strap are those of its elastic, whatever the school and the cloth", () => {
    const values = sampleBody({ strap_front: 258, strap_back: 314 }).values;
    const own = { ...input, style: wiredBra, body: { values, tape: "snug" as const } };
    for (const school of STRETCH_SCHOOL_IDS) {
      const [strap] = planLengths(school, { ...own, along: { usableAlong: null, contraction: null } });
      if (!strap?.answer.ok) throw new Error("A strap is cut.");
      expect(strap.answer.value).toMatchObject({ forDrawInMm: 0, drawIn: "ofElastic" });
      expect(strap.answer.value.cutMm).toBeCloseTo(572 / 1.08, 9);
      const how = explainLength(
        strap.answer.value,
        school,
        { freedom: settings.drawInFreedom, others: [] },
        { sheet: "sheet", test: "test", settings: "settings" },
      );
      expect(evaluate(how)).toBeCloseTo(572 / 1.08, 9);
      expect(how.notes.join()).toContain("rings and slider");
    }
  });

  it("say what is missing", () => {
    const values = SAMPLE_SHEET.values.filter(({ code }) => code !== "crotch_front");
    expect(answers({ body: { values, tape: "snug" } })[0]).toBe("no-measure");
    expect(planLengths("share", { ...input, strainOf: () => null })[0]?.answer).toMatchObject({
      problem: { code: "no-girth-there" },
    });
    expect(answers({ along: { usableAlong: null, contraction: 0.3 } })[0]).toBe("no-test-along");
  });
});
