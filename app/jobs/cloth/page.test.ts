import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/jobs/1/cloth");

it("shows what the chosen cloth was tested to", async () => {
  const [, across, along] = (await page()).table("Stretch by direction");
  expect(across).toEqual(["across (crosswise)", "62.0 %", "high", "4.5 %", "94.3 %", "28 Sep 2026"]);
  expect(along).toEqual(["along (lengthwise)", "31.0 %", "moderate", "3.0 %", "90.3 %", "28 Sep 2026"]);
});

it("says which way it lies round the body, and offers the others", async () => {
  expect((await page()).text("main")).toContain("Laid round the body: across (crosswise)");
  expect((await page()).buttons()).toEqual(expect.arrayContaining(["Lay it along instead", "Lay it bias instead"]));
});

it("offers the rest of the shelf and its layups, and comes back to this job from each", async () => {
  const { buttons, links } = await page();
  expect(buttons().filter((words) => words === "Use this cloth")).toHaveLength(12);
  expect(buttons()).toContain("Use these layers");
  expect(links()["Dawn swim knit"]).toBe("/cloths/2?job=1");
});
