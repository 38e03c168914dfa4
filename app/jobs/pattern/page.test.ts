import { expect, it } from "vitest";
import { numberIn } from "../../testing/numberIn.ts";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/jobs/4/pattern");

const [ZONES, TOTAL] = [5, "Together, neighbours at most 1 size apart (settings as shipped)"];

it("chooses a size a zone that is at most one from its neighbour's, and says what each zone alone would take", async () => {
  const rows = (await page()).table("Sizes by zone").slice(1, 1 + ZONES);
  expect(rows.map(([zone, size, alone]) => [zone, size, alone])).toEqual([
    ["Overbust", "38", "38"],
    ["Bust", "38", "38"],
    ["Underbust", "38", "34"],
    ["Waist", "40", "40"],
    ["Hip", "42", "42"],
  ]);
});

it("counts what the sizes cost against the plan, zone by zone and together", async () => {
  const rows = (await page()).table("Sizes by zone");
  const zones = rows.slice(1, 1 + ZONES);
  for (const [zone, , , body, planned, garment, ease, cost] of zones) {
    expect(numberIn(ease) / 10, zone).toBeCloseTo(numberIn(garment) - numberIn(body), 0);
    expect(Math.abs(numberIn(cost) - Math.abs(numberIn(garment) - numberIn(planned)) * 10), zone).toBeLessThanOrEqual(
      1,
    );
  }
  const together = zones.reduce((sum, row) => sum + numberIn(row[7]), 0);
  expect(rows.at(-1)).toEqual([TOTAL, String(together)]);
});

it("says where a zone wants another size, and what the chart does not state", async () => {
  const text = (await page()).text("main");
  expect(text).toContain("Underbust alone would be 34; 38 keeps the step; the ease there is −75 mm: take 65 mm out");
  expect(text).toContain("Not in this chart: high hip, leg.");
});

it("lays the pattern beside garments that fit, point by point", async () => {
  expect((await page()).table("The pattern against garments that fit")).toEqual([
    ["Point", "This pattern, cm", "Old lane suit", "Grey everyday brief", "Rib set brief"],
    ["Strap", expect.any(String), "33.0", "—", "—"],
    ["Front rise", expect.any(String), "—", "31.2", "32.0"],
    ["Back rise", expect.any(String), "—", "36.6", "—"],
  ]);
});
