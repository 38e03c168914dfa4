import { expect, expectAccessible, test } from "./test.ts";

/** Every main screen of the demo workshop. */
const SCREENS = [
  "/",
  "/wearers",
  "/wearers/1",
  "/wearers/1/sheets/new",
  "/wearers/1/compare",
  "/wearers/1/sheets/import",
  "/wearers/1/garments",
  "/wearers/1/garments/new",
  "/wearers/1/erase",
  "/sheets/3",
  "/cloths",
  "/cloths/1",
  "/cloths/1/tests/new",
  "/cloths/1/tests/live",
  "/tests/1",
  "/layups",
  "/layups/1",
  "/layups/new",
  "/settings",
  "/settings/ease",
  "/settings/sharing",
  "/settings/devices",
  "/settings/backups",
  "/styles",
  "/styles/1",
  "/charts",
  "/charts/1",
  "/charts/new",
  "/charts/import",
  "/garments/1",
  "/jobs/new",
  "/jobs/1",
  "/jobs/1/body",
  "/jobs/1/cloth",
  "/jobs/1/ease",
  "/jobs/3",
  "/jobs/4/cloth",
  "/jobs/4/ease",
  "/jobs/4/pattern",
  "/jobs/4/pieces",
  "/jobs/4/parts",
  "/jobs/4/materials",
  "/jobs/2/seams",
  "/machines",
  "/jobs/2/sewing",
  "/days",
  "/settings/days",
  "/shelf",
  "/settings/finishes",
  "/jobs/10/corset",
  "/jobs/10/bones",
  "/jobs/10/wear",
  "/jobs/11/wear",
  "/jobs/4/elastics",
  "/jobs/4/layout",
  "/jobs/7/prototypes/3/pieces",
  "/care",
  "/jobs/1/prototypes",
  "/jobs/1/prototypes/1",
  "/jobs/1/prototypes/2",
  "/jobs/1/prototypes/2/fitting",
  "/jobs/7/prototypes/2/fitting",
  "/jobs/8/changes",
  "/jobs/7/zones",
  "/jobs/7/compare",
  "/jobs/7/history",
  "/jobs/1/sign-off",
  "/jobs/7/sign-off",
  "/jobs/import",
  "/findings",
];

/** A tablet held upright. */
const SMALL = { width: 820, height: 1100 };

for (const screen of SCREENS) {
  test(`${screen} is accessible in both schemes, and loses nothing on a small screen`, async ({ page }) => {
    await page.goto(screen);
    await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
    await expectAccessible(page);
    await page.setViewportSize(SMALL);
    const wider = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    expect(wider, `${screen} is wider than the screen`).toBeLessThanOrEqual(0);
    await page.getByRole("button", { name: "Dark scheme" }).click();
    // Colours change over by and by: they are looked at once they have.
    await page.evaluate(() => Promise.all(document.getAnimations().map(({ finished }) => finished)));
    // Of all that is looked at, only this depends on the scheme.
    await expectAccessible(page, ["color-contrast"]);
  });
}
