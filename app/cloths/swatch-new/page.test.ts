import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/cloths/1/tests/new");

it("has rows for the steps of a ladder, loading first, none filled in", async () => {
  const fields = (await page()).fields();
  const steps = Object.entries(fields).filter(([name]) => name.startsWith("ladder.steps"));
  expect(steps).toHaveLength(18);
  for (const [name, value] of steps) expect(value, name).toBe(name.endsWith("phase") ? "load" : "");
});

it("starts from the bench's own strip, and answers for nobody which way it was pulled", async () => {
  expect((await page()).fields().direction ?? "").toBe("");
  expect((await page()).fields()).toMatchObject({
    state: "new",
    "ladder.form": "strip",
    "ladder.width": "50",
    "ladder.gauge": "100",
  });
  expect((await page()).text("main")).toContain("Pulled (not tested yet: bias)");
});

it("says how it is pulled", async () => {
  expect((await page()).text("main")).toContain("Hold each load 30 s, then read the gauge. The last cycle counts.");
});
