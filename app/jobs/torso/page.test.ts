import { expect, it } from "vitest";
import { numberIn } from "../../testing/numberIn.ts";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/jobs/4/torso");

const figure = async (name: string) => numberIn((await page()).figures()[name]);

it("finds the trunk of the pattern too short by what the loop needs", async () => {
  const difference = await figure("Difference");
  expect(difference / 10).toBeCloseTo((await figure("Loop needed")) - (await figure("Loop of the pattern")), 0);
  expect((await page()).text("main")).toContain("The pattern is 39 mm too short in the trunk.");
});

it("places all of it: what the four parts take adds up to the difference", async () => {
  const parts = ["Front, shoulder to waist", "Front, waist to crotch", "Back, crotch to waist", "Back, waist to nape"];
  const taken = await Promise.all(parts.map(figure));
  expect(taken.reduce((sum, mm) => sum + mm, 0)).toBeCloseTo(await figure("Difference"), 0);
});

it("starts from what was typed: a draft measured along its centre lines", async () => {
  expect((await page()).fields()).toMatchObject({
    from: "draft",
    school: "segments",
    trunkLoop: "144 cm",
    frontWaist: "40.2 cm",
    crotchFront: "30.4 cm",
    crotchBack: "33.8 cm",
    backWaist: "37.8 cm",
    linked: "facing",
  });
});

it("explains every number it states", async () => {
  const { terms, figures } = await page();
  expect(Object.keys(terms()).toSorted()).toEqual(Object.keys(figures()).toSorted());
});
