import type { Page } from "@playwright/test";
import { FITTING, form, tap } from "./fittingSteps.ts";
import { expect, expectAccessible, test } from "./test.ts";

test("what the server refuses comes back with its fields and the reason", async ({ page }) => {
  await page.goto(FITTING);
  await tap(page, "back", 0.5, 0.46);
  await form(page).getByRole("radio", { name: "waist", exact: true }).check();
  await form(page).getByRole("radio", { name: "line off its place", exact: true }).check();
  await form(page).getByLabel("Off at the front", { exact: true }).fill("much");
  await form(page).getByRole("button", { name: "Put it on the record" }).click();
  await expect(form(page).getByText("“much” cannot be read as one.")).toBeVisible();
  await expect(form(page).getByText("Expected an answer: it sits, but the field is empty.")).toBeVisible();
  await expect(form(page).getByLabel("Off at the front", { exact: true })).toHaveValue("much");
  await page.getByRole("button", { name: "Leave it" }).click();
  await expect(page.getByText(/not sent yet/)).toHaveCount(0);
});

test("two windows on one job: the later word on a finding is refused, and history takes the first back", async ({
  page,
  context,
}) => {
  const other = await context.newPage();
  await page.goto(FITTING);
  await other.goto(FITTING);
  const first = (window: Page) => window.getByRole("article", { name: "Finding 1" });
  await first(page).getByRole("button", { name: "Decide" }).click();
  await expect(first(page)).toContainText("Taken as proposed");
  await first(other).getByRole("radio", { name: "refuse it" }).check();
  await first(other).getByLabel("Reason").fill("Not yet.");
  await first(other).getByRole("button", { name: "Decide" }).click();
  await expect(other.getByText("Somebody was quicker in another window.")).toBeVisible();
  await page.goto("/jobs/2/history");
  await expectAccessible(page);
  await page.getByRole("button", { name: /^Take back: Decided: taken as proposed, waist/ }).click();
  await expect(page.getByText("Taken back.")).toBeVisible();
  await page.goto(FITTING);
  await expect(first(page).getByRole("button", { name: "Decide" })).toBeVisible();
});
