import type { Page } from "@playwright/test";
import { begins } from "./printed.ts";
import { expect, expectAccessible, test } from "./test.ts";

/** Chooses from a list that folds away. */
async function pick(page: Page, label: string, option: RegExp): Promise<void> {
  const list = page.getByLabel(label, { exact: true });
  const words = await list.getByRole("option").allTextContents();
  await list.selectOption({ label: words.find((one) => option.test(one)) ?? "" });
}

test("a wrap is mended: a lap becomes a dart, a piece is split, a style line moved, and it is printed", async ({
  page,
}) => {
  await page.goto("/jobs/9/pieces?draw=ownPieces");
  await expect(page.getByText(/^Stepped into it needs a closure of \d+/)).toBeVisible();
  const steps = page.getByRole("list", { name: "Steps drawn" });
  await expect(steps.getByRole("listitem")).toHaveCount(1);

  await page.getByText("A lap becomes a dart").click();
  await pick(page, "Slit at", /^back seam of Side back/);
  await page.getByLabel("Along it, mm").first().fill("900");
  await page.getByLabel("Laps there by, mm").fill("8");
  await page.getByLabel("The lap ends so far in, mm").fill("40");
  await pick(page, "Sewn in, that or another edge", /^back seam of Side back/);
  await page.getByLabel("Point stops short by, mm").fill("12");
  // What cannot be drawn is said as it is typed, and again beside the field, with all of it kept.
  await expect(page.getByText(/Not drawn\. Expected a place on back seam of Side back/)).toBeVisible();
  await page.getByRole("button", { name: "Draw the dart" }).click();
  await expect(page.getByLabel("Laps there by, mm")).toHaveValue("8");
  await expect(page.getByText(/^Expected a place on back seam of Side back, 1 to 36\d mm along it/)).toBeVisible();
  await page.getByLabel("Along it, mm").first().fill("150");
  await expect(page.getByText(/back seam of side back: 36\.\d cm to 37\.\d cm \(\+8 mm\)/)).toBeVisible();
  await page.getByRole("button", { name: "Draw the dart" }).click();
  await expect(steps.getByRole("listitem")).toHaveCount(2);

  await page.getByText("A piece split in two").click();
  await pick(page, "From", /^upper of Centre front/);
  await page.getByLabel("Along it, mm").nth(1).fill("60");
  await pick(page, "To", /^lower of Centre front/);
  await page.getByLabel("Along that, mm").nth(1).fill("58");
  await page.getByLabel("Bowed out by, mm").fill("5");
  await page.getByLabel("Allowance of the new seam, mm").fill("10");
  await page.getByRole("button", { name: "Split it" }).click();
  await expect(steps.getByRole("listitem")).toHaveCount(3);
  const edges = page.getByRole("table", { name: "Edges of your own pattern" });
  await expect(edges.getByRole("rowheader", { name: "Centre front 2", exact: true })).toBeVisible();
  await expect(page.getByText("Every seam is as long as its partner, within 1 mm of the ease stated.")).toBeVisible();

  await page.getByText("A style line moved").click();
  await pick(page, "Seam", /^side seam of Side front/);
  for (const [label, mm] of [
    ["Moved outward by, mm", "6"],
    ["Full from, mm", "150"],
    ["Full to, mm", "180"],
    ["Run out over, mm", "90"],
  ] as const)
    await page.getByLabel(label).fill(mm);
  await page.getByRole("button", { name: "Move it" }).click();
  await expect(steps.getByRole("listitem").last()).toContainText("Side front: side seam moved by 6 mm");
  await expectAccessible(page);
  await page.getByRole("button", { name: "Take the last step back" }).click();
  await expect(steps.getByRole("listitem")).toHaveCount(3);
  expect(await begins(page, page.getByRole("button", { name: "Print at full size" }), 5)).toBe("%PDF-");
});

test("a garment that fits is laid over drawn pieces, and its rise taken over", async ({ page }) => {
  await page.goto("/jobs/1/pieces?pieces=plan");
  const laid = page.getByRole("table", { name: "Garments that fit over these pieces" });
  const rise = laid.getByRole("row", { name: /^Front rise/ }).first();
  await expect(rise).toContainText("+10.8 mm");
  await page.getByRole("button", { name: "Take over front rise of Grey everyday brief" }).click();
  await expect(rise).toContainText("0 mm");
  await expect(page.getByRole("list", { name: "Steps drawn" })).toContainText("front: lengthen or shorten, −10.8 mm");
  await expectAccessible(page);
  await page.getByRole("button", { name: "Take the last step back" }).click();
  await expect(rise).toContainText("+10.8 mm");
});
