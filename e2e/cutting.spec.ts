import { expect, expectAccessible, test } from "./test.ts";

/** A group of answers of which one is chosen. */
const choose = (page: import("@playwright/test").Page, group: string, answer: string) =>
  page.getByRole("group", { name: group, exact: true }).getByRole("radio", { name: answer, exact: true }).check();

test("three decisions come to a list of pieces that is ticked and printed; what does not go together says why", async ({
  page,
}) => {
  await page.goto("/jobs/2/parts");
  await expect(page.getByText(/No pieces yet: decide/)).toBeVisible();
  await choose(page, "Leg line", "high");
  await choose(page, "Bottom, cover of the seat", "fuller");
  await choose(page, "Rise", "mid");
  await choose(page, "Waist", "elastic, turned");
  await choose(page, "Lining", "none, worn both ways round");
  await expect(page.getByText(/An elastic that is turned to the inside shows/)).toBeVisible();
  await choose(page, "Lining", "none");
  await expect(page.getByText(/An elastic that is turned to the inside shows/)).toHaveCount(0);
  await page.getByRole("button", { name: "Keep", exact: true }).click();

  const list = page.getByRole("table", { name: "Pieces to cut" });
  await expect(list.getByRole("rowheader", { name: /^Front/ })).toBeVisible();
  await expect(list.getByRole("row")).toHaveCount(5);
  await page.getByRole("checkbox", { name: "Front, cut", exact: true }).check();
  await expect(page.getByRole("status").filter({ hasText: "1 of 4 cut" })).toBeVisible();
  await page.getByRole("button", { name: "Gusset lining, not for this garment" }).click();
  await expect(page.getByRole("status").filter({ hasText: "1 of 3 cut" })).toBeVisible();
  await page.reload();
  await expect(page.getByRole("checkbox", { name: "Front, cut", exact: true })).toBeChecked();
  await expectAccessible(page);
  const download = page.waitForEvent("download");
  await page.getByRole("link", { name: "Print, to tick" }).click();
  expect((await download).suggestedFilename()).toMatch(/pieces-to-cut\.pdf$/);

  // What was decided is what is drawn.
  await page.goto("/jobs/2/pieces");
  await expect(page.getByLabel("Waist lower, front, mm")).toHaveValue("50 mm");
  await page.getByLabel("Leg higher at the side, mm").fill("60");
  await page.getByRole("button", { name: "Keep the change" }).click();
  await expect(page.getByText("As typed; not kept yet.")).toHaveCount(0);
  await page.goto("/jobs/2/parts");
  await expect(page.getByText(/“high” was decided, but the kept pieces are drawn otherwise/)).toBeVisible();
});

test("a rise changed makes an elastic stale, by how much, and right again", async ({ page }) => {
  await page.goto("/jobs/1/elastics?pieces=plan");
  const edges = page.getByRole("table", { name: "Edges with elastic" });
  await expect(edges.getByRole("row")).toHaveCount(3);
  await edges.getByLabel("Edge 2, ratio").fill("steep");
  await page.getByRole("button", { name: "Keep", exact: true }).click();
  await expect(edges.getByText(/Expected a number/).first()).toBeVisible();
  await edges.getByLabel("Edge 2, ratio").fill("0.9");
  await page.getByRole("button", { name: "Keep", exact: true }).click();
  const waist = page.getByRole("table", { name: "Waist, by four schools" });
  await expect(waist.getByRole("row", { name: /^Of the edge/ })).toContainText("90.0 %");
  await expect(page.getByText("By tension: Expected the pressure it is to press with").first()).toBeVisible();

  await page.goto("/jobs/1/pieces?pieces=plan");
  await page.getByLabel("Waist lower, side, mm").fill("60");
  await page.getByLabel("Waist lower, front, mm").fill("60");
  await page.getByRole("button", { name: "Keep the change" }).click();
  await expect(page.getByText("As typed; not kept yet.")).toHaveCount(0);
  await page.getByRole("link", { name: "Elastics of these edges" }).click();
  await expect(
    page.getByText(/The (waist|leg edge) is \d+ mm (longer|shorter) than when this was kept/).first(),
  ).toBeVisible();
  // The way through the job goes by the prototype that was cut: its edges are others than those of the plan that was kept over.
  await expect(page.getByRole("link", { name: /Elastics .*moved/ })).toHaveCount(1);
  await page.getByRole("button", { name: "Take the edges as they are now" }).click();
  await expect(page.getByText(/than when this was kept/)).toHaveCount(0);
  await expect(page).toHaveURL(/pieces=plan/);

  // Kept over the edges that are cut, nothing has moved.
  await page.goto("/jobs/1/elastics");
  await page.getByRole("button", { name: "Take the edges as they are now" }).click();
  await expect(page.getByRole("link", { name: /Elastics .*moved/ })).toHaveCount(0);
  await expectAccessible(page);

  // A pattern's own chart takes the place of rows that were typed; one that cannot be read is said, with its line.
  const chart = (text: string) => ({ name: "chart.csv", mimeType: "text/csv", buffer: Buffer.from(text) });
  await page.locator('input[type="file"]').setInputFiles(chart("size;edge;length cm\nM;waist;long"));
  await page.getByRole("button", { name: "Read it in" }).click();
  await expect(page.getByText(/Line 2: expected a length/)).toBeVisible();
  await page.locator('input[type="file"]').setInputFiles(chart("size;edge;length cm\nM;waist;60\nL;waist;63"));
  await page.getByRole("button", { name: "Read it in" }).click();
  await expect(page.getByRole("table", { name: "The pattern's chart" }).getByRole("row")).toHaveCount(3);
  await page.getByLabel("Size of the pattern").fill("L");
  await expect(waist.getByRole("row", { name: /^Cut/ })).toContainText("64.0");
});

test("a layout is there at once, bettered, stopped, kept, and told where it does not fit any more", async ({
  page,
}) => {
  await page.goto("/jobs/4/layout");
  const length = page.getByRole("button", { name: "Length on the table" });
  await expect(page.getByText(/^A first one, by the boxes/)).toBeVisible();
  const first = Number((await length.textContent())?.replace(/[^\d.]/g, ""));
  await page.getByRole("button", { name: "Search a shorter one" }).click();
  await expect(page.getByText(/layouts tried; the best is .*, \d+ mm shorter/)).toBeVisible({ timeout: 30_000 });
  await page.getByRole("button", { name: "Stop, and have the best so far" }).click();
  await page.getByRole("button", { name: "Keep this layout" }).click();
  await expect(page.getByText(/^As it was kept/)).toBeVisible();
  const kept = Number((await length.textContent())?.replace(/[^\d.]/g, ""));
  expect(kept).toBeLessThan(0.95 * first);
  await expectAccessible(page);

  await page.getByLabel("Width of the roll, cm").fill("30");
  await expect(page.getByText(/Expected a roll with room for “(Front|Back)”/)).toBeVisible();
  await page.getByLabel("Width of the roll, cm").fill("");
  await page.getByLabel("Garments").fill("2");
  await expect(page.getByText(/it does not fit any more\. Search anew/)).toBeVisible();
  await page.getByLabel("Motif comes again along, after, mm").fill("0");
  await page.getByRole("button", { name: "Keep the change" }).click();
  await expect(page.getByLabel("Motif comes again along, after, mm")).toHaveAttribute("aria-invalid", "true");
  await expect(page.getByLabel("Garments")).toHaveValue("2");
});

test("what a garment takes is held against the shelf", async ({ page }) => {
  await page.goto("/jobs/4/materials");
  const row = page.getByRole("table", { name: "Materials" }).getByRole("row", { name: /^Dawn swim knit/ });
  const buys = await row.getByRole("button").first().textContent();
  expect(buys).toMatch(/\d m/);
  await page.getByRole("link", { name: "Shelf stock" }).click();
  await page.getByLabel("Row 1, there is").fill("25");
  await page.getByRole("button", { name: "Keep the shelf" }).click();
  await expect(page.getByLabel("Row 1, there is")).toHaveValue("25");
  await page.goto("/jobs/4/materials");
  await expect(row).toContainText("nothing");
});
