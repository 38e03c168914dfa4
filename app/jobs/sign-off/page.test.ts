import { expect, it } from "vitest";
import { numberIn } from "../../testing/numberIn.ts";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/jobs/7/sign-off");

it("is the last sheet of numbers: the garment as it was sewn", async () => {
  const [head, ...rows] = (await page()).table("Numbers of the garment");
  expect(head).toEqual(["Girth, cm", "Body", "Planned", "As sewn", "Strain", "Pressure"]);
  expect(rows).toHaveLength(5);
  for (const [zone, body, , sewn, strain] of rows)
    expect(Math.abs(numberIn(strain) - (numberIn(body) / numberIn(sewn) - 1) * 100), zone).toBeLessThan(0.15);
});

it("gives the record out, and its changes to the next job", async () => {
  const { links, buttons, text } = await page();
  expect(text("main")).toContain("20 Sep 2026, with prototype 4.");
  expect(Object.keys(links())).toEqual(
    expect.arrayContaining(["Fitting record as PDF", "as CSV", "Whole job as JSON"]),
  );
  expect(buttons()).toContain("Keep it as a garment that fits Maro Dellinge");
});
