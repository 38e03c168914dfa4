import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/settings");

it("starts from what is set, in the version it was set in", async () => {
  expect((await page()).fields()).toMatchObject({ gaugeAddress: "", workshopName: "Workshop at the Old Dye House" });
});

it("leads to all that can be set elsewhere", async () => {
  expect((await page()).links()).toMatchObject({
    "Habits of the ease plan": "/settings/ease",
    Styles: "/styles",
    "Size charts": "/charts",
  });
});
