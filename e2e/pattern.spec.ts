import { expect, expectAccessible, pick, test } from "./test.ts";

test("a chart is imported: what its columns are is asked, never guessed; then the pattern is sized", async ({
  page,
}) => {
  await page.goto("/charts/import");
  await page.getByLabel("Or paste it here").fill("size;overbust;hips\n38;84;96");
  await page.getByLabel("Name of the chart").fill("Tide block");
  await page.getByRole("button", { name: "Import" }).click();
  await expect(page.getByText(/Line 1: expected a kind .* but got “hips”/)).toBeVisible();

  const rows = ["36;80;66;70;92;58;82", "38;84;70;75;96;62;86", "40;88;74;79;100;66;90", "42;92;78;83;104;70;94"];
  await page
    .getByLabel("Or paste it here")
    .fill(["size;body overbust;waist;finished overbust;body hip;finished waist;finished hip", ...rows].join("\n"));
  await page.getByRole("button", { name: "Import" }).click();
  await expect(page.getByText("Headed without a kind: waist. Are they body or finished girths?")).toBeVisible();
  await pick(page, "Columns headed without a kind", "body girths");
  await page.getByRole("button", { name: "Import" }).click();
  await expect(page.getByRole("heading", { level: 1, name: "Tide block" })).toBeVisible();
  await expect(page.getByLabel("Size 2, finished waist")).toHaveValue("62");

  await page.goto("/jobs/4/pattern");
  await page.getByRole("button", { name: "Start from Tide block" }).click();
  const sizes = page.getByRole("table", { name: "Sizes by zone" });
  await expect(sizes.getByRole("row", { name: /^Overbust/ })).toBeVisible();
  await sizes.getByRole("button", { name: /Waist, cost/ }).click();
  await expect(page.getByRole("dialog", { name: "Where this number comes from" })).toContainText("cost =");
  await expectAccessible(page);
});

test("a chart whose columns look changed over is asked about, and taken the other way round", async ({ page }) => {
  await page.goto("/charts/import");
  await page.getByLabel("Or paste it here").fill("size,body waist cm,finished waist cm\nS,60,66\nM,64,70");
  await page.getByLabel("Name of the chart").fill("Turned block");
  await page.getByRole("button", { name: "Import" }).click();
  await expect(page.getByText(/Are body and finished changed over\?/)).toBeVisible();
  await pick(page, "Body and finished", "changed over: take them the other way round");
  await page.getByRole("button", { name: "Import" }).click();
  await expect(page.getByLabel("Size 1, body waist")).toHaveValue("66");
  await expect(page.getByLabel("Size 1, finished waist")).toHaveValue("60");
});

test("the sizes of a graded pattern keep the step, say what it costs and where they blend", async ({ page }) => {
  await page.goto("/jobs/4/pattern");
  const sizes = page.getByRole("table", { name: "Sizes by zone" });
  await expect(sizes.getByRole("row", { name: /^Hip 42/ })).toBeVisible();
  await expect(page.getByText(/Underbust alone would be 3\d; 38 keeps the step/)).toBeVisible();
  await expect(page.getByRole("region", { name: "Blend list" })).toContainText(
    "At the side seams: from the line of 40 at the waist to the line of 42 at the hip.",
  );
  await page.getByRole("button", { name: "Own draft instead" }).click();
  await expect(page.getByText("An own draft needs nothing here")).toBeVisible();
});

test("a pattern is held against what fits, point by point, and a wrong length keeps what was typed", async ({
  page,
}) => {
  await page.goto("/jobs/4/pattern");
  const table = page.getByRole("table", { name: "The pattern against garments that fit" });
  await table.getByLabel("Pattern, Front rise").fill("31,8");
  await table.getByLabel("Pattern, Strap").fill("long");
  await page.getByRole("button", { name: "Compare" }).click();
  await expect(table.getByText(/“long”/)).toBeVisible();
  await expect(table.getByLabel("Pattern, Front rise")).toHaveValue("31,8");
  await table.getByLabel("Pattern, Strap").fill("13 in");
  await page.getByRole("button", { name: "Compare" }).click();
  // 318 against 312 and 320; 330.2 against 330.
  const rise = table.getByRole("row", { name: /^Front rise/ });
  await expect(rise).toContainText("+6 mm");
  await expect(rise).toContainText("−2 mm");
  await rise.getByRole("button", { name: /against Grey everyday brief/ }).click();
  await expect(page.getByRole("dialog", { name: "Where this number comes from" })).toContainText("difference = L − L₀");
});
