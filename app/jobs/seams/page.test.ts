import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/jobs/2/seams");

it("holds every trial against what the seams need, and tells what cured it", async () => {
  const { table, text } = await page();
  const [, ...rows] = table("What the seams need");
  expect(rows).toEqual([
    ["Side seam", "10.4 % waist", "38.2 % waist", "47.8 %", "holds"],
    ["Crotch and gusset", "10.5 % leg", "–", "30.0 %", "holds"],
    ["Leg edge", "10.5 % leg", "–", "30.0 %", "holds"],
  ]);
  const main = text("main");
  expect(main).toContain("2 things were changed at once: cannot tell which helped.");
  expect(main).toContain("textured thread there gives with the cloth.");
  expect(main).toContain("It gives 69 %, and 48 % are needed: keep it.");
});

it("starts the next trial from the last one with what was advised, or from a recipe", async () => {
  expect((await page()).fields()).toMatchObject({
    ...{ machine: "Overlock by the window", stitch: "514", "thread.leftNeedle.tension": "3", stitchLength: "2.5" },
    ...{ "thread.upperLooper.kind": "texturedNylon" },
    ...{ gauge: "100" },
  });
});
