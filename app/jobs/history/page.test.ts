import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/jobs/7/history");

it("tells what was done, in which workshop, with a way to take it back", async () => {
  const { text, buttons } = await page();
  expect(text("main")).toContain("job's record in Workshop at the Old Dye House, newest first.");
  expect(text("main")).toContain(
    "Job started; Pieces drawn: brief or bikini bottom; Prototype 1 started; Pieces kept with a prototype: brief or bikini bottom; As sewn: waist, 752 mm",
  );
  expect(buttons()).toContain("Take back");
});
