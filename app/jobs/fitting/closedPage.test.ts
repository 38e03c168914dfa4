import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/jobs/7/prototypes/4/fitting");

it("of a closed prototype stays as it is, and takes no more findings", async () => {
  expect((await page()).text("main")).toContain("This prototype is closed: its record stays as it is.");
  expect((await page()).buttons()).not.toContain("Put a finding by name");
  expect((await page()).headings()).toContain("Checks 6 of 6 done");
});

it("tells what the last changes did", async () => {
  const { headings, text } = await page();
  expect(headings()).toContain("Before: edge waves or curls at the leg edge, left");
  expect(text("main")).toContain("Done: that edge.cured");
});
