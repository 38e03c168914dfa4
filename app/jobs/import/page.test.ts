import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/jobs/import");

it("says what comes in, that nothing here is changed, and where the file is from", async () => {
  const text = (await page()).text("main");
  expect(text).toContain("Nothing that is here is changed.");
  expect(text).toContain("“Whole job as JSON”");
  expect((await page()).links()["under Wearers"]).toBe("/wearers/import");
  expect((await page()).fields()).toHaveProperty("file");
});
