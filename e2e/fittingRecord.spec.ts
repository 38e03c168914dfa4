import { FITTING } from "./fittingSteps.ts";
import { expect, expectAccessible, test } from "./test.ts";

test("a job is signed off with a word on what is open, and gives its record as files", async ({ page }) => {
  await page.goto("/jobs/1/sign-off");
  await expect(page.getByText("Still open on prototype 2.")).toBeVisible();
  await page.getByRole("button", { name: "Sign off with prototype 2" }).click();
  await expect(page.getByText(/Expected a word on why what is open/)).toBeVisible();
  await page.getByLabel("Why it may stay as it is").fill("She wears it as it is; checks done at home.");
  await page.getByRole("button", { name: "Sign off with prototype 2" }).click();
  await expect(page.getByRole("heading", { level: 1, name: "Signed off" })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole("button", { name: /^Keep it as a garment that fits/ }).click();
  await expect(page.getByText("It stands among the")).toBeVisible();
  await page.getByLabel("What to remember of change 1").fill("Waist a little closer");
  await page.getByRole("button", { name: "It is the wearer's" }).first().click();
  await expect(page.getByRole("list", { name: "Standing changes" })).toContainText("Waist a little closer");
  const download = page.waitForEvent("download");
  await page.getByRole("link", { name: "Whole job as JSON" }).click();
  const file = await (await download).path();
  await page.goto("/jobs/import");
  await page.getByLabel("File of a job").setInputFiles(file);
  await page.getByRole("button", { name: "Import" }).click();
  await expect(page.getByText("High-waisted brief").first()).toBeVisible();
  await page.goto("/jobs/8/prototypes");
  await page.getByRole("button", { name: "Take it into this plan" }).click();
  await expect(page.getByRole("button", { name: "Take it into this plan" })).toHaveCount(0);
});

test("the search over all findings tells what was taken and what it did", async ({ page }) => {
  await page.goto("/findings");
  await page.getByLabel("Words").fill("sway back");
  await page.getByRole("button", { name: "Search" }).click();
  await expect(page.getByText("1 found.")).toBeVisible();
  await expect(page.getByRole("row", { name: /^Pools, small of the back/ })).toContainText("better, 5 mm left");
  await expectAccessible(page);
  await page.getByLabel("Words").fill("no such words");
  await page.getByRole("button", { name: "Search" }).click();
  await expect(page.getByText("Nothing like that")).toBeVisible();
});

test("a photo is made small and bare", async ({ page }) => {
  await page.goto(FITTING);
  const png = await page.evaluate(() => {
    const canvas = document.createElement("canvas");
    canvas.width = 2000;
    canvas.height = 1000;
    return canvas.toDataURL("image/png").split(",")[1] ?? "";
  });
  const photos = page.getByRole("region", { name: "Photos" });
  await photos
    .getByLabel("Add a photo")
    .setInputFiles({ name: "a.png", mimeType: "image/png", buffer: Buffer.from(png, "base64") });
  const shown = photos.getByRole("img");
  await expect(shown).toHaveCount(1);
  await expect.poll(() => shown.evaluate((img: HTMLImageElement) => img.naturalWidth)).toBe(1600);
  await photos
    .getByLabel("Add a photo")
    .setInputFiles({ name: "a.txt", mimeType: "text/plain", buffer: Buffer.from("no picture") });
  await expect(photos.getByText("Expected a JPEG or PNG picture, but the file is neither.")).toBeVisible();
});

test.describe("by another clock", () => {
  test.use({ ownProfile: true });

  test("a timer reminds on every page", async ({ page }) => {
    await page.clock.install();
    await page.goto(FITTING);
    await page.getByRole("button", { name: "Time 30:00" }).click();
    await page.clock.fastForward(60_000);
    await page.goto("/wearers");
    await expect(page.getByText(/left/).first()).toBeVisible();
    await page.clock.fastForward(1_800_000);
    await expect(page.getByRole("alert")).toContainText("The time is over: 30 minutes' wear");
  });
});

test("a closure pull is read from the stand-in gauge and held against the plan", async ({ page }) => {
  await page.goto("/jobs/2/prototypes/1/fitting");
  await page.getByRole("button", { name: "Take a reading" }).click();
  await page.getByRole("radio", { name: "closure pull: edges just to meet" }).check();
  await page.getByLabel("Over a height of").fill("150");
  await page.getByRole("button", { name: "Read the stand-in gauge" }).click();
  await expect(page.getByLabel("Force", { exact: true })).not.toHaveValue("", { timeout: 20_000 });
  await page.getByRole("button", { name: "Keep the reading" }).click();
  const readings = page.getByRole("region", { name: "Tension readings" });
  await expect(readings).toContainText(/closure pull at the waist, over 150 mm\s*predicted 0\.\d\d N/);
  await page.goto("/jobs/7/zones");
  await expect(page.getByRole("region", { name: "Calibration" })).toContainText(
    /Over 3 closure pulls the median is 1\.\d\d/,
  );
  await page.getByRole("button", { name: "Plan this layup with it" }).click();
  await expect(page.getByText(/are planned with 1\.\d\d of the swatch's/)).toBeVisible();
  await page.getByRole("button", { name: "Back to the swatch" }).click();
  await expect(page.getByText(/are planned with/)).toHaveCount(0);
});
