import { readFileSync } from "node:fs";
import { expect, test } from "./test.ts";

test("takes, a tape of its own and a reason are kept with the sheet", async ({ page }) => {
  await page.goto("/wearers/2/sheets/new");
  await page.getByLabel("Hip", { exact: true }).fill("105.4");
  await page.getByRole("button", { name: "More about Hip", exact: true }).click();
  await page.getByLabel("Hip, second take").fill("107");
  await expect(page.getByRole("region", { name: "Second looks" })).toContainText(
    "the takes are 1.6 cm apart. Take it once more.",
  );
  await page.getByLabel("Hip, third take").fill("106");
  await page.getByRole("button", { name: "More about Neck", exact: true }).click();
  await page.getByLabel("Neck was not taken, because …").fill("not wanted");
  await page.getByRole("button", { name: "Save sheet" }).click();
  await expect(page.getByRole("row", { name: /^Hip 106\.0 105\.4; 107; 106/ })).toBeVisible();
  await expect(page.getByRole("row", { name: /^Neck — not taken: not wanted/ })).toBeVisible();
});

test("a check is answered, and the answer stays", async ({ page }) => {
  await page.goto("/wearers/2/sheets/new");
  await page.getByLabel("Waist", { exact: true }).fill("60");
  await page.getByLabel("Hip", { exact: true }).fill("112");
  await page.getByRole("button", { name: "Save sheet" }).click();
  await page.getByRole("link", { name: "New sheet from this one" }).click();
  await page.getByLabel("Hip", { exact: true }).fill("192");
  await page.getByRole("button", { name: "It is right" }).first().click();
  await page.getByRole("button", { name: "Save sheet" }).click();
  await page.waitForURL(/\/sheets\/\d+$/);
  await expect(page.getByText("confirmed as it stands").first()).toBeVisible();
  await page.reload();
  await page.getByRole("button", { name: "Look again" }).first().click();
  await expect(page.getByText("confirmed as it stands")).toHaveCount(0);
});

test("the breast close-up and the side view light up with their measures", async ({ page }) => {
  await page.goto("/wearers/5/sheets/new");
  await page.getByText("Breast (14)").click();
  await page.getByLabel("Cross cup, left", { exact: true }).focus();
  await expect(page.getByRole("img", { name: "Tape for Cross cup, left, breast" })).toBeVisible();
  await page.getByLabel("Projection, right", { exact: true }).focus();
  await expect(page.getByRole("img", { name: "Tape for Projection, right, side" })).toBeVisible();
});

test("two sheets are laid side by side, on the figure and as a table", async ({ page }) => {
  await page.goto("/wearers/1");
  await page.getByRole("link", { name: "Two sheets side by side" }).click();
  await expect(page.getByRole("row", { name: /^Waist 75\.5 74\.2 −13 mm/ })).toBeVisible();
  await expect(page.getByRole("img", { name: "Changes of the girths on the figure" })).toContainText("−13 mm");
});

test("sheets go out as a file and come in again for another wearer", async ({ page }) => {
  await page.goto("/wearers/1");
  await page.waitForLoadState("networkidle");
  const download = page.waitForEvent("download");
  await page.getByRole("link", { name: "CSV, a column a sheet" }).click();
  const file = readFileSync(await (await download).path());
  await page.goto("/wearers/3/sheets/import");
  await page
    .getByLabel("File", { exact: true })
    .setInputFiles({ name: "sheets.csv", mimeType: "text/csv", buffer: file });
  await page.getByRole("button", { name: "Import" }).click();
  await expect(page.getByRole("list", { name: "Sheets" }).getByRole("listitem")).toHaveCount(4);

  const spoilt = Buffer.from(file.toString().replace("74.2", "wide"));
  await page.goto("/wearers/3/sheets/import");
  await page
    .getByLabel("File", { exact: true })
    .setInputFiles({ name: "spoilt.csv", mimeType: "text/csv", buffer: spoilt });
  await page.getByRole("button", { name: "Import" }).click();
  await expect(page.getByText("Nothing was taken over.")).toBeVisible();
  await expect(page.getByText(/Line \d+: waist: .*“wide” cannot be read/)).toBeVisible();
  await page
    .getByLabel("File", { exact: true })
    .setInputFiles({ name: "spoilt.csv", mimeType: "text/csv", buffer: spoilt });
  await page.getByRole("radio", { name: /take what can be read/ }).check();
  await page.getByRole("button", { name: "Import" }).click();
  await expect(page.getByText("3 sheets were taken over. Left out:")).toBeVisible();
});

test("a blank sheet comes as a PDF, and everything about a wearer as one file", async ({ request }) => {
  const pdf = await request.get("/wearers/1/sheets/blank?job=1&paper=letter");
  expect(pdf.headers()["content-type"]).toBe("application/pdf");
  expect((await pdf.body()).subarray(0, 5).toString()).toBe("%PDF-");
  const everything = await (await request.get("/wearers/1/export")).json();
  expect(everything).toMatchObject({ format: "stenz.wearer", wearer: { name: "Ilva Thornbeck" } });
  expect(everything.sheets).toHaveLength(3);
  expect(everything.likedGarments).toHaveLength(3);
  const brief = everything.jobs.find(({ job }: { job: { name: string } }) => job.name === "High-waisted brief");
  expect(brief.prototypes).toHaveLength(2);
});

test("a wearer is erased only after the name was typed", async ({ page }) => {
  await page.goto("/wearers/1/erase");
  await page.getByLabel("Type the name to confirm").fill("Ilva");
  await page.getByRole("button", { name: "Erase for good" }).click();
  await expect(page.getByText("Expected the name “Ilva Thornbeck”, but got “Ilva”.")).toBeVisible();
  await page.getByLabel("Type the name to confirm").fill("Ilva Thornbeck");
  await page.getByRole("button", { name: "Erase for good" }).click();
  await expect(page.getByRole("heading", { level: 1, name: "Wearers" })).toBeVisible();
  await expect(page.getByRole("link", { name: "Ilva Thornbeck" })).toHaveCount(0);
  expect((await page.goto("/jobs/1"))?.status()).toBe(404);
});
