import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/jobs/3/prototypes");

it("of a job without a plan starts none, and says what is missing", async () => {
  expect((await page()).buttons().filter((words) => /^Start/.test(words))).toEqual([]);
  const text = (await page()).text("main");
  expect(text).toContain("None yet. Starting one freezes the plan into it");
  expect(text).toContain("a school of ease: compare and choose");
});
