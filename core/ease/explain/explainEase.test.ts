import { describe, expect, it } from "vitest";
import { planJob } from "../../job/index.ts";
import { evaluate, SAMPLE_JOB, SAMPLE_LADDER_TEST, sampleHandTest, sampleIngredients } from "../../testing/index.ts";
import { girthBy } from "../planStyle.ts";
import { roundGirth } from "../roundGirth.ts";
import { STRETCH_SCHOOL_IDS } from "../schools/index.ts";
import type { SchoolId } from "../schools/school.ts";
import { brief } from "../styles/brief.ts";
import type { Zone } from "../zones.ts";
import { explainEase } from "./explainEase.ts";
import { EASE_NUMBERS } from "./numbers.ts";

const liked = Object.fromEntries(
  brief.zones.map((zone) => [
    zone,
    [
      { name: "old brief", bodyMm: 740, garmentMm: 640, usable: 0.7 },
      { name: "older brief", bodyMm: 738, garmentMm: 660, usable: 0.6 },
    ],
  ]),
);
const { planned } = planJob(sampleIngredients({ tests: [SAMPLE_LADDER_TEST], liked }));
if (!planned) throw new Error("The sample job has a plan.");
const { plan, stretch } = planned;
const sources = {
  wear: "0.75 of the loading curve",
  sheet: "sheet",
  test: "test",
  settings: "settings",
  usable: stretch.usable,
  recovery: stretch.recovery,
};

const pulledBy = (school: SchoolId, zone: Zone) =>
  girthBy(
    school,
    plan.zones.find((one) => one.zone === zone),
  )?.pull;

describe.each(plan.zones.map(({ zone }) => zone))("explanations at the %s", (zone) => {
  it.each(EASE_NUMBERS)("the formula of %s gives the figure under every school", (number) => {
    for (const id of STRETCH_SCHOOL_IDS) {
      const explanation = explainEase({ number, zone, school: id }, plan, sources);
      if (number === "pullOn" && !["waist", "highHip"].includes(zone)) expect(explanation).toBeNull();
      else {
        if (!explanation) throw new Error(`${number} at the ${zone} has no explanation.`);
        if (number === "tension") {
          expect(explanation.result.value).toBe(pulledBy(id, zone)?.tensionNPerM);
          continue;
        }
        const worked = evaluate(explanation);
        expect(number === "garment" ? roundGirth(worked) : worked).toBeCloseTo(explanation.result.value, 9);
      }
    }
  });
});

describe("an explanation", () => {
  it("names the other schools' answers", () => {
    const explanation = explainEase({ number: "garment", zone: "waist", school: "share" }, plan, sources);
    expect(explanation?.others.map(({ name }) => name)).toEqual([
      "Fixed cut",
      "Straight reduction",
      "Target pressure",
      "What already fits",
    ]);
    expect(explanation?.others[0]?.value).toBe(642);
  });

  it("says how far several liked garments lie apart", () => {
    const explanation = explainEase({ number: "garment", zone: "waist", school: "profile" }, plan, sources);
    expect(explanation?.notes[0]).toMatch(/^The median of 2 garments; they lie \d+ mm apart\.$/);
  });

  it("of a girth of one's own says that nothing stands behind it, and warns where it presses hard", () => {
    const job = { ...SAMPLE_JOB, zones: { waist: { by: "own", garmentMm: 300 } } } as const;
    const own = planJob(sampleIngredients({ job, tests: [SAMPLE_LADDER_TEST] })).planned;
    const explanation = own && explainEase({ number: "garment", zone: "waist", school: "chosen" }, own.plan, sources);
    expect(explanation && evaluate(explanation)).toBe(300);
    expect(explanation?.cautions?.join(" ")).toMatch(/Too hard/);
  });

  it("says when stable cloth held the girth", () => {
    const stable = planJob(sampleIngredients({ tests: [sampleHandTest({ stretchedMm: 108, afterMm: 101 })] }));
    const held =
      stable.planned && explainEase({ number: "garment", zone: "hip", school: "share" }, stable.planned.plan, sources);
    expect(held?.notes[0]).toMatch(/stable/);
  });

  it("is none for growth where no recovery was read", () => {
    const unread = planJob(sampleIngredients({ tests: [sampleHandTest({ afterMm: null })] })).planned;
    if (!unread) throw new Error("The sample job has a plan.");
    const question = { number: "grown", zone: "waist", school: "share" } as const;
    expect(explainEase(question, unread.plan, { ...sources, recovery: null })).toBeNull();
  });
});
