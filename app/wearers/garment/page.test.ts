import { expect, it } from "vitest";
import { demoPage } from "../../testing/openPage.tsx";

const page = demoPage("/garments/1");

it("starts from what was measured, with the unit it is kept in", async () => {
  expect((await page()).fields()).toMatchObject({
    version: "1",
    name: "Grey everyday brief",
    cloth: "Heron cotton jersey · 1",
    direction: "across",
    "width.waist": "329 mm",
    "width.highHip": "398 mm",
    "width.hip": "438 mm",
    "width.leg": "270 mm",
    "width.bust": "",
    "length.frontRise": "312 mm",
    "length.backRise": "366 mm",
  });
});

it("says that widths are doubled and lengths are not", async () => {
  expect((await page()).text("main")).toContain("They are doubled for the girth; lengths are not.");
});
