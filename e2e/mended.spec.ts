import { readFileSync } from "node:fs";
import type { Page } from "@playwright/test";
import { expect, kept, pick, test } from "./test.ts";

/** The file behind a download link. */
async function downloaded(page: Page, address: string): Promise<Buffer> {
  const answer = await page.request.get(address);
  expect(answer.ok()).toBe(true);
  return answer.body();
}

test("a job imported twice asks what is known, and brings wearer and cloth no second time", async ({ page }) => {
  const buffer = await downloaded(page, "/jobs/1/record/json");
  await page.goto("/jobs/import");
  const choose = () =>
    page.getByLabel("File of a job").setInputFiles({ name: "job.json", mimeType: "application/json", buffer });
  await choose();
  await page.getByRole("button", { name: "Import", exact: true }).click();
  await expect(page.getByText("This job is here already:")).toBeVisible();
  await expect(page.getByText("Its wearer is here: Ilva Thornbeck.")).toBeVisible();
  await pick(page, "What is here already is", "the same: use it");
  await page.getByRole("button", { name: "Import it so" }).click();
  await expect(page.getByRole("heading", { level: 1, name: "High-waisted brief" })).toBeVisible();
  expect(page.url()).not.toMatch(/jobs\/1$/);
  await page.goto("/wearers");
  await expect(page.getByRole("link", { name: "Ilva Thornbeck" })).toHaveCount(1);
});

test("a damaged file of a job is refused with the place, and leaves nothing behind", async ({ page }) => {
  const document = JSON.parse((await downloaded(page, "/jobs/1/record/json")).toString());
  const [{ frozen }] = document.prototypes;
  const hand = async (file: object) => {
    await page.goto("/jobs/import");
    const buffer = Buffer.from(JSON.stringify(file));
    await page.getByLabel("File of a job").setInputFiles({ name: "job.json", mimeType: "application/json", buffer });
    await page.getByRole("button", { name: "Import", exact: true }).click();
  };
  // What the schema sees is refused at once; what it cannot see, once it is taken over.
  const school = frozen.school;
  frozen.school = "bespoke";
  await hand(document);
  await expect(page.getByText(/made from: Expected school to be one of/)).toBeVisible();
  frozen.school = school;
  document.sheet.values.push(document.sheet.values[0]);
  await hand(document);
  await expect(page.getByText("This job is here already:")).toBeVisible();
  await pick(page, "What is here already is", "another: add all of the file beside it");
  await page.getByRole("button", { name: "Import it so" }).click();
  await expect(page.getByText(/stands in the place of another/)).toBeVisible();
  await page.goto("/");
  await expect(page.getByRole("link", { name: "High-waisted brief" })).toHaveCount(1);
});

test("everything about a wearer comes back in after it was erased, and no page is kept by the browser", async ({
  page,
}) => {
  const buffer = await downloaded(page, "/wearers/1/export");
  await page.goto("/wearers/1/erase");
  const erased = page.waitForResponse((answer) => answer.request().method() === "POST");
  await page.getByLabel("Type the name to confirm").fill("Ilva Thornbeck");
  await page.getByRole("button", { name: "Erase for good" }).click();
  expect((await (await erased).allHeaders())["clear-site-data"]).toBe('"cache"');
  await expect(page.getByText("Erased. No trace is left in the data file")).toBeVisible();
  expect((await page.request.get("/wearers/2")).headers()["cache-control"]).toContain("no-store");
  await page.goto("/wearers/import");
  await page.getByLabel("File of a wearer").setInputFiles({ name: "w.json", mimeType: "application/json", buffer });
  await page.getByRole("button", { name: "Import", exact: true }).click();
  await expect(page.getByRole("heading", { level: 1, name: "Ilva Thornbeck" })).toBeVisible();
  // Another number than the one that was erased: an old tab meets nobody.
  expect(page.url()).not.toMatch(/wearers\/1$/);
  expect((await page.request.get("/jobs/1")).status()).toBe(404);
  await page.goto("/");
  await expect(page.getByRole("link", { name: "High-waisted brief" })).toBeVisible();
});

test("a deleted job is brought back from the bench", async ({ page }) => {
  await page.goto("/jobs/3");
  const name = await page.getByRole("heading", { level: 1 }).textContent();
  await page.getByRole("button", { name: "Delete this job" }).click();
  await expect(page.getByText("Deleted, and gone for good a day later:")).toBeVisible();
  expect((await page.request.get("/jobs/3")).status()).toBe(404);
  await page.getByRole("button", { name: "Bring it back" }).click();
  await expect(page.getByRole("heading", { level: 1, name: name ?? "" })).toBeVisible();
});

test("a length changed reaches the next plan, is told from where to where, and is not cut twice unsaid", async ({
  page,
}) => {
  const shorten = async () => {
    await page.goto("/jobs/1/changes");
    await pick(page, "It changes", "a length of the plan");
    await pick(page, "Where", "back rise");
    await pick(page, "Which way", "shorter");
    await page.getByLabel("Amount").fill("12");
    await page.getByLabel("Pieces").fill("back");
    await page.getByLabel("At which line or seam").fill("across the seat");
    await page.getByRole("button", { name: "Add this change" }).click();
  };
  await shorten();
  const back = page.getByRole("region", { name: "back", exact: true });
  await expect(back).toContainText("Fold out, shorter by 12 mm: across the seat");
  await expect(back).toContainText(/Back rise: from \d+\.\d cm to \d+\.\d cm \(−12 mm\)/);
  await page.goto("/jobs/1/prototypes");
  const row = page.getByRole("table", { name: "Lengths for prototype 3" }).getByRole("row", { name: /^Back rise/ });
  await expect(row).toContainText("−12 mm");
  await shorten();
  await expect(page.getByText("One thing may be cut twice.")).toBeVisible();
  await expect(page.getByText(/act on it in the same direction, −24 mm together/)).toBeVisible();
});

test("a wrong test is struck out with a reason, its direction put right, and it counts no more", async ({ page }) => {
  await page.goto("/tests/1");
  await page.getByRole("button", { name: "Strike this test out" }).click();
  await expect(page.getByText("Expected why it does not count")).toBeVisible();
  await page.getByLabel("Why it does not count").fill("The clamp slipped.");
  await page.getByRole("button", { name: "Strike this test out" }).click();
  await expect(page.getByText("Struck out, it does not count: The clamp slipped.")).toBeVisible();
  await page.getByRole("button", { name: "Let it count again" }).click();
  await expect(page.getByText("Struck out, it does not count")).toHaveCount(0);
  await page.getByRole("button", { name: "bias", exact: true }).click();
  await expect(page.getByRole("heading", { level: 1, name: /^Pulled bias/ })).toBeVisible();
  await expect(page.getByText("First written down as pulled across.")).toBeVisible();
});

test("a bare load that would tear the strip is asked for its unit, and every reading is said back", async ({
  page,
}) => {
  await page.goto("/cloths/1/tests/new");
  await page.getByRole("radio", { name: /^across/ }).check();
  const steps = page.getByRole("group", { name: "Steps of the ladder" });
  await steps.getByLabel("Load 1, N").fill("200");
  await steps.getByLabel("Gauge 1, mm").fill("112");
  await expect(page.getByText("= 200.00 N, as heavy as 20.39 kg")).toBeVisible();
  await page.getByRole("button", { name: "Keep this test" }).click();
  await expect(page.getByText(/would tear a strip of 50 mm\. Write 200 g/)).toBeVisible();
  await steps.getByLabel("Load 1, N").fill("200 g");
  await expect(page.getByText("= 1.96 N, as heavy as 200 g")).toBeVisible();
});

test("digits swapped against the last sheet are offered, and what was corrected asks no more", async ({ page }) => {
  await page.goto("/wearers/1/sheets/new?job=1");
  const hip = page.getByLabel("Hip", { exact: true });
  await hip.fill("10.08");
  await expect(page.getByRole("region", { name: "Second looks" })).toContainText("did you mean 100.8 cm");
  await page
    .getByRole("button", { name: /^Write 100\.8/ })
    .first()
    .click();
  await expect(hip).toHaveValue("100.8");
  await expect(page.getByRole("region", { name: "Second looks" })).toHaveCount(0);
});

test("what was typed a moment before a reload is still there after it", async ({ page }) => {
  await page.goto("/wearers/2");
  const notes = page.getByLabel("Notes").first();
  await kept(page, "first", notes);
  await notes.fill("typed in haste");
  await page.reload();
  await expect(page.getByLabel("Notes").first()).toHaveValue("typed in haste");
});

test("a keyboard sees where it is, and goes on where the work does", async ({ page }) => {
  await page.goto("/wearers/new");
  const add = page.getByRole("button", { name: "Add wearer" });
  const outline = () => add.evaluate((element) => getComputedStyle(element).outlineStyle);
  expect(await outline()).toBe("none");
  for (let tabs = 0; tabs < 40 && !(await add.evaluate((one) => one === document.activeElement)); tabs += 1)
    await page.keyboard.press("Tab");
  expect(await outline()).toBe("solid");
  await page.keyboard.press("Enter");
  await expect(page.getByLabel("Name")).toBeFocused();
  await page.getByRole("navigation", { name: "Main" }).getByRole("link", { name: "Cloths" }).click();
  await expect(page.getByRole("heading", { level: 1, name: "Cloths" })).toBeVisible();
});

test("sentences follow the unit too: no page of a job in inches speaks of millimetres", async ({ page }) => {
  await page.goto("/jobs/4/torso");
  await page.getByRole("button", { name: "Lengths in cm; show in" }).click();
  await expect(page.getByText(/too short in the trunk/)).toBeVisible();
  await expect(page.getByText(/\d mm too short/)).toHaveCount(0);
  for (const step of ["", "/torso", "/cups", "/ease", "/prototypes"]) {
    await page.goto(`/jobs/4${step}`);
    const text = await page.locator("main").innerText();
    expect(text.match(/\d mm\b.*/)?.[0] ?? "", `${step} in inches`).toBe("");
  }
});

test("the screenshots of the README are all there", () => {
  const readme = readFileSync("README.md", "utf8");
  for (const [, file] of readme.matchAll(/\((docs\/screenshots\/[^)]+)\)/g))
    expect(() => readFileSync(file ?? "")).not.toThrow();
});
