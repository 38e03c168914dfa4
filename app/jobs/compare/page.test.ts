import { expect, it } from "vitest";
import { numberIn } from "../../testing/numberIn.ts";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/jobs/7/compare?a=1&b=4");

it("lays plan and garment of both beside one another, with what the plan changed by", async () => {
  const [head, ...rows] = (await page()).table("Prototypes 1 and 4");
  expect(head).toEqual(["Girth, cm", "1: planned / sewn", "4: planned / sewn", "Plan changed", "Strain in 1", "in 4"]);
  for (const [zone, first, fourth, changed] of rows) {
    const by = changed === "—" ? 0 : numberIn(changed) / 10;
    expect(numberIn(fourth) - numberIn(first), zone).toBeCloseTo(by, 0);
  }
  expect(rows.map(([zone]) => zone)).toEqual(["Waist", "High hip", "Hip", "Leg, left", "Leg, right"]);
});

it("tells what was found on the first, and what became of it", async () => {
  const text = (await page()).text("main");
  expect(text).toContain("Found on prototype 1Loose, waist, 22 mm: better");
  expect(text).toContain("Rides, leg edge, 10 mm: cured");
  expect(text).toContain("Found on prototype 4Nothing.");
});
