import { expect, it } from "vitest";
import { numberIn } from "../../testing/numberIn.ts";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/jobs/1/prototypes");

const rows = async () => (await page()).table("Plan for prototype 3").slice(1);

it("plans the next from the last plan and what was changed", async () => {
  for (const [zone, , planned, , changed, now] of await rows()) {
    const by = changed === "—" ? 0 : numberIn(changed) / 10;
    expect(numberIn(now), zone).toBeCloseTo(numberIn(planned) + by, 1);
  }
});

it("has flat, strain and share of each girth by its own numbers", async () => {
  for (const [zone, body, , , , now, flat, strain, share] of await rows()) {
    expect(numberIn(flat), zone).toBeCloseTo(numberIn(now) / 2, 0);
    expect(Math.abs(numberIn(strain) - (numberIn(body) / numberIn(now) - 1) * 100), zone).toBeLessThan(0.15);
    expect(Math.abs(numberIn(share) - numberIn(strain) / 0.62), zone).toBeLessThan(0.2);
  }
});

it("tells of each prototype what came of it", async () => {
  const text = (await page()).text("main");
  expect(text).toMatch(/Prototype 12 Oct 2026.*3 findings, 1 cured, 1 overdone/);
  expect(text).toMatch(/Prototype 211 Oct 2026.*1 finding, 1 open/);
  expect(text).toContain("1 finding has no word from you yet and will not be in the next prototype.");
});

it("starts the next number", async () => {
  expect((await page()).fields()).toMatchObject({ number: "3", kind: "sewn" });
  expect((await page()).buttons()).toContain("Start prototype 3");
});
