import { describe, expect, it } from "vitest";
import { SHIPPED_CLOTH_SETTINGS } from "../../cloth/index.ts";
import { median } from "../../median.ts";
import { evaluate, SAMPLE_CLOTH, SAMPLE_LADDER_TEST, SAMPLE_SHEET } from "../../testing/index.ts";
import { gradePattern, type PatternZone } from "../grade/gradePattern.ts";
import type { SizeChart } from "../grade/sizeChart.ts";
import type { LikedGarment } from "../liked/likedGarment.ts";
import { likedOnBody } from "../liked/likedOnBody.ts";
import { likingOf } from "../liked/liking.ts";
import { judgeRings } from "../pullOn.ts";
import { brief } from "../styles/brief.ts";
import { explainCost } from "./explainCost.ts";
import { explainLiking } from "./explainLiking.ts";
import { explainPoint } from "./explainPoint.ts";
import { explainLeast, explainShortfall } from "./explainShortfall.ts";
import { explainFinished, explainSizeEase } from "./explainSize.ts";

const chart = (own: Partial<SizeChart> = {}): SizeChart => ({
  id: 1,
  name: "Block",
  notes: "",
  ease: "stretch",
  ownReduction: 0.1,
  sizes: [
    { name: "S", body: { waist: 680, hip: 940 }, finished: { waist: 620 } },
    { name: "M", body: { waist: 720, hip: 980 }, finished: {} },
  ],
  version: 1,
  ...own,
});

function sized(own: Partial<SizeChart>, waistTarget: number): PatternZone[] {
  const answer = gradePattern(
    chart(own),
    [
      { zone: "waist", bodyMm: 742, targetMm: waistTarget },
      { zone: "hip", bodyMm: 1008, targetMm: 900 },
    ],
    { style: brief, maxStep: 1, bustOverChartMm: 25 },
  );
  if (!answer.ok) throw new Error(answer.problem.message);
  return [...answer.value.zones];
}

describe("numbers of a graded pattern", () => {
  it.each([
    ["finished girths stated or from the pattern's own reduction", {}, 615],
    ["too small against the plan", {}, 700],
    ["bodies against bodies", { ownReduction: null }, 615],
  ] as const)("are explained by formulas that give them: %s", (_name, own, target) => {
    for (const zone of sized(own, target)) {
      const cost = explainCost(zone, "Block");
      expect(evaluate(cost)).toBeCloseTo(zone.costs[zone.chosen] as number, 9);
      const finished = explainFinished(zone, "Block", chart(own).ownReduction);
      const ease = explainSizeEase(zone, "Block");
      if (zone.finishedMm === null) expect([finished, ease]).toEqual([null, null]);
      else {
        if (!finished || !ease) throw new Error("Expected explanations.");
        expect(evaluate(finished)).toBeCloseTo(zone.finishedMm, 9);
        expect(evaluate(ease)).toBeCloseTo(zone.easeMm as number, 9);
      }
    }
  });
});

describe("what is short to pull a ring on", () => {
  const limit = { usable: 0.3, setBy: "elastic" } as const;
  const [verdict] = judgeRings(
    { rings: [{ ring: "waist", over: "hip", passMm: 1008, edge: false }], unjudged: [] },
    () => 640,
    () => limit,
  );
  if (!verdict) throw new Error("Expected a verdict.");

  it("is explained, and so is the least girth that goes on, rounded up", () => {
    expect(evaluate(explainShortfall(verdict))).toBeCloseTo(verdict.shortfallMm, 9);
    expect(Math.ceil(evaluate(explainLeast(verdict)))).toBe(verdict.leastMm);
    expect(explainLeast(verdict).terms.map(({ symbol }) => symbol)).toEqual(["P", "s"]);
  });
});

describe("what garments that fit say", () => {
  const garment = (name: string, waist: number, usable: number | null): LikedGarment => ({
    id: 1,
    wearerId: 3,
    name,
    measuredOn: "2026-10-01",
    clothId: null,
    direction: "across",
    usable,
    widthsMm: { waist },
    lengthsMm: {},
    notes: "",
    version: 1,
  });
  const layer = { cloth: SAMPLE_CLOTH, tests: [SAMPLE_LADDER_TEST], direction: "across" } as const;
  const worn = [
    likedOnBody(garment("first", 320, null), [SAMPLE_SHEET], layer, {
      fingerAllowanceMm: 12,
      cloth: SHIPPED_CLOTH_SETTINGS,
    }),
    likedOnBody(garment("second", 335, 0.5), [SAMPLE_SHEET], null, {
      fingerAllowanceMm: 12,
      cloth: SHIPPED_CLOTH_SETTINGS,
    }),
    likedOnBody(garment("third", 345, null), [SAMPLE_SHEET], null, {
      fingerAllowanceMm: 12,
      cloth: SHIPPED_CLOTH_SETTINGS,
    }),
  ];
  const [waist] = likingOf(worn);
  if (!waist) throw new Error("Expected a liking.");

  it.each([
    ["strain", 3, waist.median],
    ["ease", 3, waist.easeMm],
    ["share", 2, waist.share],
    ["pressure", 1, waist.pressureKpa],
  ] as const)("%s is the middle of %d garments' own", (number, count, value) => {
    const explanation = explainLiking(number, waist, ["first", "second", "third"]);
    if (!explanation) throw new Error("Expected an explanation.");
    expect(explanation.terms).toHaveLength(count);
    expect(median(explanation.terms.map((term) => term.value))).toBeCloseTo(value as number, 12);
    expect(explanation.result.value).toBe(value);
  });

  it("is nothing where no garment says it", () => {
    const [only] = likingOf(worn.slice(2));
    expect(only && explainLiking("pressure", only, [])).toBeNull();
  });
});

it("a pattern's length against one that fits is their difference", () => {
  const explanation = explainPoint("strap", { patternMm: 342, likedMm: 330, name: "old suit" });
  expect(evaluate(explanation)).toBe(12);
  expect(explanation.result.value).toBe(12);
});
