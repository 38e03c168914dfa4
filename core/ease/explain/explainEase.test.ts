import { describe, expect, it } from "vitest";
import { planJob } from "../../job/planJob.ts";
import { evaluate } from "../../testing/evaluate.ts";
import { sampleHandTest, sampleIngredients } from "../../testing/sampleJob.ts";
import { roundGirth } from "../roundGirth.ts";
import { SCHOOLS } from "../schools/index.ts";
import { explainEase } from "./explainEase.ts";
import { EASE_NUMBERS } from "./numbers.ts";

const { planned } = planJob(sampleIngredients());
if (!planned) throw new Error("The sample job has a plan.");
const { plan, stretch } = planned;
const sources = {
  sheet: "sheet",
  test: "test",
  settings: "settings",
  usable: stretch.usable,
  recovery: stretch.recovery,
};

describe.each(plan.zones.map(({ zone }) => zone))("explanations at the %s", (zone) => {
  it.each(EASE_NUMBERS)("the formula of %s gives the figure under every school", (number) => {
    for (const { id } of SCHOOLS) {
      const explanation = explainEase({ number, zone, school: id }, plan, sources);
      if (number === "pullOn" && !["waist", "highHip"].includes(zone)) expect(explanation).toBeNull();
      else {
        if (!explanation) throw new Error(`${number} at the ${zone} has no explanation.`);
        const worked = evaluate(explanation);
        expect(number === "garment" ? roundGirth(worked) : worked).toBeCloseTo(explanation.result.value, 9);
      }
    }
  });
});

describe("an explanation", () => {
  it("names the other schools' answers", () => {
    const explanation = explainEase({ number: "garment", zone: "waist", school: "share" }, plan, sources);
    expect(explanation?.others).toEqual([
      { name: "Fixed cut", value: 642 },
      { name: "Straight reduction", value: 683 },
    ]);
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
