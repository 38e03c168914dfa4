import { expect, it } from "vitest";
import { numberIn } from "../../testing/numberIn.ts";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/jobs/7/prototypes/1");

it("of a closed prototype takes a note and nothing else", async () => {
  expect((await page()).fields()).toEqual({ unit: "in", intent: "annotate", text: "" });
  expect((await page()).buttons().slice(3)).toEqual(["Write the note"]);
});

it("tells the plan it was made from, girths and lengths", async () => {
  const plan = (await page()).table("Plan of prototype 1");
  for (const [zone, , from, now, flat] of plan.slice(1)) {
    expect(now, zone).toBe(from);
    expect(numberIn(flat), zone).toBeCloseTo(numberIn(now) / 2, 0);
  }
  const lengths = (await page()).table("Lengths of prototype 1");
  for (const [length, body, , now, strain] of lengths.slice(1))
    expect(Math.abs(numberIn(strain) - (numberIn(body) / numberIn(now) - 1) * 100), length).toBeLessThan(0.3);
});

it("says how the tape lay for the sheet it rests on", async () => {
  expect((await page()).text("main")).toContain("its girths less 12 mm for the finger under the tape; Dawn swim knit");
});
