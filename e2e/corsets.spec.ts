import { form } from "./fittingSteps.ts";
import { expect, expectAccessible, test } from "./test.ts";

test("from measures to printed panels: a reduction, its panels, the paper", async ({ page }) => {
  await page.goto("/jobs/new?wearer=6");
  await page.getByRole("radio", { name: /^Overbust corset: over the bust/ }).check();
  await page.getByLabel("Name of the job").fill("Overbust, first");
  await page.getByRole("button", { name: "Start the job" }).click();
  // Nothing is planned before its reduction is decided.
  await expect(page.getByText("how much smaller than the body it closes:")).toBeVisible();
  await page.getByRole("link", { name: "decide the reduction" }).click();
  const levels = page.getByRole("table", { name: "Level by level" });
  await expect(levels.getByRole("row", { name: /^Waist/ })).toContainText("70.9 cm");
  await page.getByLabel("Off the waist, mm").fill("lots");
  await page.getByRole("button", { name: "Keep", exact: true }).click();
  await expect(page.getByText(/Expected a length/).first()).toBeVisible();
  await page.getByLabel("Off the waist, mm").fill("30");
  await expect(levels.getByRole("row", { name: /^Waist/ })).toContainText("71.6 cm");
  await page.getByRole("button", { name: "Keep", exact: true }).click();
  await expect(page.getByText("As typed; not kept yet.")).toHaveCount(0);
  await expect(page.getByRole("table", { name: "Panels, level by level" }).getByRole("row")).toHaveCount(7);
  await expectAccessible(page);

  await page.getByRole("link", { name: "Pieces", exact: true }).last().click();
  await page.getByLabel("Panels a side").fill("6");
  await page.getByRole("button", { name: "Keep", exact: true }).click();
  await expect(page.getByText("As typed; not kept yet.")).toHaveCount(0);
  const download = page.waitForEvent("download");
  await page
    .getByRole("button", { name: /^Print/ })
    .first()
    .click();
  expect((await download).suggestedFilename()).toMatch(/\.pdf$/);
});

test("a gap read at the fitting is cut into the next panels", async ({ page }) => {
  test.setTimeout(90_000);
  await page.goto("/jobs/10/wear");
  await expect(page.getByText("The gap is parallel, and as wanted: good.")).toBeVisible();
  await page.getByRole("button", { name: "Another gap" }).click();
  const gaps = page.getByRole("table", { name: "Gaps as read" });
  await gaps.getByLabel("Gap 4, top").fill("82");
  await gaps.getByLabel("Gap 4, waist").fill("50");
  await gaps.getByLabel("Gap 4, bottom").fill("50");
  await expect(page.getByText("The gap is not parallel: 82, 50, 50 mm at top, waist and bottom.")).toBeVisible();
  await page.getByRole("button", { name: "Keep the change" }).click();
  await expect(page.getByText("As typed; not kept yet.")).toHaveCount(0);
  await expect(page.getByRole("link", { name: /Lacing and wear .*gap not as wanted/ })).toBeVisible();

  // On the record of the fitting it gets a proposal by seam edge; decided, it lies in the panels of the next mock-up.
  await page.goto("/jobs/10/prototypes/3/fitting");
  await page.getByRole("button", { name: "Put a finding by name" }).click();
  await form(page).getByRole("radio", { name: "lacing", exact: true }).check();
  await form(page).getByRole("radio", { name: "both sides" }).check();
  await form(page).getByRole("radio", { name: "lacing gap not parallel", exact: true }).check();
  for (const [name, mm] of Object.entries({ top: "82", waist: "50", bottom: "50" }))
    await form(page).getByLabel(`Gap at the ${name}`, { exact: true }).fill(mm);
  await form(page).getByLabel("Gap wanted", { exact: true }).fill("50");
  await form(page).getByRole("button", { name: "Put it on the record" }).click();
  const finding = page.getByRole("article", { name: "Finding 1" });
  await expect(finding).toContainText("2.0 mm out at every seam edge");
  await finding.getByRole("button", { name: "Decide" }).click();
  await expect(finding).toContainText("Taken as proposed");
  await page.goto("/jobs/10/prototypes");
  await page.getByRole("button", { name: "Start prototype 4" }).click();
  await expect(page.getByRole("heading", { level: 1, name: "Prototype 4" })).toBeVisible();
  await page.goto("/jobs/10/prototypes/4/pieces");
  await expect(page.getByText("Lacing gap not parallel, lacing")).toBeVisible();
  await expect(page.getByText(/top of panel2: .* \(\+4 mm\)/)).toBeVisible();
});

test("more than the body offers is a stop sign that hides no number, and can be mended by dragging", async ({
  page,
}) => {
  await page.goto("/jobs/12/corset");
  await expect(page.getByText(/Stop: the waist closes 88 mm below what the body offers/).first()).toBeVisible();
  await expect(page.getByText(/Loosen at once/)).toBeVisible();
  const slider = page.getByRole("slider", { name: "Off the waist, tried" });
  await slider.focus();
  await slider.press("Home");
  for (let step = 0; step < 4; step += 1) await slider.press("PageUp");
  await page.getByRole("button", { name: /^Take / }).click();
  await expect(page.getByText(/^Stop:/)).toHaveCount(0);
  await expect(page.getByRole("link", { name: /Reduction .*decided|Reduction .*caution/ })).toBeVisible();
  await page.goto("/jobs/12/wear");
  await expect(page.getByText(/Loosen at once/)).toBeVisible();
});

test("a lace pulled on the stand-in goes into the next empty pull, and tells how hard it presses", async ({ page }) => {
  await page.goto("/jobs/10/wear");
  const pulls = page.getByRole("table", { name: "Pulls in the lace" });
  const pull = page.getByRole("button", { name: "Pull the lace on the stand-in gauge" });
  await pull.click();
  await expect(page.getByRole("status").filter({ hasText: /N\. Add a pull to the list/ })).toBeVisible();
  // What was read before stays.
  await expect(pulls.getByLabel("Pull 3, pull")).toHaveValue("4.8");
  await page.getByRole("button", { name: "Another pull" }).click();
  await pull.click();
  await expect(pulls.getByLabel("Pull 4, pull")).toHaveValue(/^\d+\.\d$/);
  await pulls.getByLabel("Pull 4, gap there").fill("45");
  await expect(page.getByText(/Expected pull 4 at one of underbust, .* but got the bust/)).toBeVisible();
  await pulls.getByLabel("Pull 4, at the").selectOption("waist");
  await expect(page.getByRole("table", { name: "Pressure of the lacing" }).getByRole("row")).toHaveCount(5);
});
