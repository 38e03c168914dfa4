import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/cloths/1/tests/live");

it("starts with a stand-in while no gauge is named, and says where to name one", async () => {
  expect((await page()).fields()).toMatchObject({
    source: "soft-knit",
    loads: "1, 2, 3.5, 5, 7",
    back: "yes",
    speed: "10",
  });
  expect((await page()).links()["name one in the settings"]).toBe("/settings");
  expect((await page()).buttons()).toContain("Clamp the swatch");
});
