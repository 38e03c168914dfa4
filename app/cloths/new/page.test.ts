import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/cloths/new");

it("starts empty, a knit to begin with", async () => {
  const { unit, kind, ...others } = (await page()).fields();
  expect([unit, kind]).toEqual(["in", "knit"]);
  expect(Object.values(others).every((value) => value === "")).toBe(true);
  expect((await page()).text("main")).toContain("The hand test comes on the next page.");
});
