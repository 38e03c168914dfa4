import { expect, it } from "vitest";
import { numberIn } from "../../testing/numberIn.ts";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/jobs/1/prototypes/2");

it("tells what it was made from, frozen", async () => {
  expect((await page()).text("main")).toContain(
    "Started 11 Oct 2026, sewn in the real cloth. Frozen: sheet of 30 Sep 2026; Heron cotton jersey, swatch test across, 28 Sep 2026; share of stretch.",
  );
});

it("holds what was sewn against what was planned: twice the flat width", async () => {
  const fields = (await page()).fields();
  const sewn = (await page()).table("As sewn");
  for (const [name, flat] of [
    ["Waist", fields["ring.waist"]],
    ["High hip", fields["ring.highHip"]],
    ["Hip", fields["ring.hip"]],
    ["Leg, left", fields["ring.leg:left"]],
    ["Leg, right", fields["ring.leg:right"]],
  ] as const) {
    // Where it is measured stands below its name.
    const row = sewn.find(([first]) => first?.startsWith(name));
    expect(numberIn(row?.[4]), name).toBeCloseTo(2 * numberIn(flat), 1);
    expect(Math.abs(numberIn(row?.[5]) / 10 - (numberIn(row?.[4]) - numberIn(row?.[1]))), name).toBeLessThan(0.1);
  }
});

it("can be measured as long as it is open, from its version", async () => {
  expect((await page()).fields()).toMatchObject({ version: "2", "ring.waist": "32", "length.backRise": "" });
  expect((await page()).buttons()).toEqual(expect.arrayContaining(["Keep as sewn", "Write the note"]));
  expect((await page()).links()["To the fitting"]).toBe("/jobs/1/prototypes/2/fitting");
});
