import type { Page } from "@playwright/test";
import { FITTING, form, tap } from "./fittingSteps.ts";
import { makeCode, share } from "./sharing.ts";
import { expect, expectAccessible, test } from "./test.ts";

// The server is really stopped in these tests, and the page really closed.
test.use({ keepsPages: true, networkTaken: true });

const WITHOUT = /^Without a connection to Stenz since \d\d:\d\d\./;

/** Waits until the browser keeps a page of an address that was made after a moment. */
const keptSince = (page: Page, address: string, moment: number) =>
  expect.poll(() => page.evaluate(madeAt, address), { timeout: 30_000 }).toBeGreaterThanOrEqual(moment - 1000);

/** When the kept page of an address was made, ms; 0 where none is kept. */
async function madeAt(address: string): Promise<number> {
  const kept = await (await caches.open("stenz-pages")).match(address);
  return Date.parse(kept?.headers.get("Date") ?? "") || 0;
}

/** Every address this browser keeps a page of. */
const kept = (page: Page) =>
  page.evaluate(async () => {
    if (!(await caches.has("stenz-pages"))) return [];
    return (await (await caches.open("stenz-pages")).keys()).map(({ url }) => new URL(url).pathname);
  });

test("a fitting opens again without the server, takes what is put down, and sends it once", async ({
  page,
  context,
  server,
}) => {
  test.setTimeout(120_000);
  const began = Date.now();
  await page.goto("/jobs/2");
  await keptSince(page, "/jobs/2", began);
  await page.locator('a[href="/jobs/2/prototypes"]').first().click();
  await page.locator(`a[href="${FITTING}"]`).first().click();
  await keptSince(page, FITTING, began);
  await page.close();
  await server.close();

  const again = await context.newPage();
  await again.goto(FITTING);
  await expect(again.getByRole("status").filter({ hasText: WITHOUT })).toContainText("This page is as it was at");
  await expectAccessible(again);
  await tap(again, "back", 0.5, 0.46);
  await form(again).getByRole("radio", { name: "waist", exact: true }).check();
  await form(again).getByRole("radio", { name: "loose", exact: true }).check();
  await form(again).getByLabel("Pinch", { exact: true }).fill("11");
  await form(again).getByRole("button", { name: "Put it on the record" }).click();
  await expect(again.getByText(/^1 entry is not sent yet/)).toBeInViewport();

  // Another form is not taken for saved, and keeps what was typed: in sight, and over a reload.
  await again.goto("/jobs/2");
  await again.getByLabel("Name of the job").fill("Renamed in the cellar");
  await again.getByRole("button", { name: "Save", exact: true }).click();
  await expect(again.getByRole("alert")).toContainText("Not saved. What you typed stays in the form");
  await expect(again.getByLabel("Name of the job")).toHaveValue("Renamed in the cellar");
  await again.reload();
  await expect(again.getByText("Taken up where you left off")).toBeVisible();
  await expect(again.getByLabel("Name of the job")).toHaveValue("Renamed in the cellar");

  // What is not kept says so, and names what is.
  await again.goto("/jobs/3/wear");
  await expect(again.getByRole("heading", { name: "Without a connection to Stenz" })).toBeVisible();
  await expect(again.getByText("/jobs/3/wear is not kept on this device.")).toBeVisible();
  await expect(again.getByRole("link", { name: /^Fitting of prototype 1/ })).toBeVisible();
  await expectAccessible(again);
  await again.getByRole("link", { name: /^Fitting of prototype 1/ }).click();
  await expect(again.getByText(/^1 entry is not sent yet/)).toBeVisible();

  await server.again();
  await expect(again.getByText(WITHOUT)).toHaveCount(0, { timeout: 30_000 });
  await expect(again.getByText(/not sent yet/)).toHaveCount(0, { timeout: 20_000 });
  await expect(again.getByRole("article", { name: "Finding 3" })).toContainText("Pinch 11 mm");
  await expect(again.getByRole("article", { name: "Finding 4" })).toHaveCount(0);
  await again.goto("/jobs/2");
  await expect(again.getByLabel("Name of the job")).toHaveValue("Renamed in the cellar");
  await again.getByRole("button", { name: "Save", exact: true }).click();
  await expect(again.getByRole("heading", { level: 1, name: "Renamed in the cellar" })).toBeVisible();
  await expect(again.getByText("Taken up where you left off")).toHaveCount(0);
});

test("a page that could not be fetched opens by itself once the server answers", async ({ page, server }) => {
  const began = Date.now();
  await page.goto("/jobs/2");
  await keptSince(page, "/jobs/2", began);
  await server.close();
  await page.getByRole("link", { name: "Wearers" }).click();
  await expect(page.getByRole("heading", { name: "Stenz does not answer." })).toBeVisible();
  await server.again();
  await expect(page.getByRole("heading", { name: "Wearers", level: 1 })).toBeVisible({ timeout: 30_000 });
});

test("a newer Stenz leaves the fitting in sight as it is, and comes with the next page", async ({ page }) => {
  const began = Date.now();
  await page.goto(FITTING);
  await keptSince(page, FITTING, began);
  await tap(page, "back", 0.5, 0.46);
  await form(page).getByRole("radio", { name: "waist", exact: true }).check();
  await page.evaluate(() => {
    Object.assign(window, { madeBefore: true });
    // As the browser tells that another build has taken over.
    navigator.serviceWorker.dispatchEvent(new Event("controllerchange"));
  });
  const isMadeBefore = () => page.evaluate(() => "madeBefore" in window);
  await expect(form(page).getByRole("radio", { name: "waist", exact: true })).toBeChecked();
  expect(await isMadeBefore()).toBe(true);
  await page.locator('a[href="/jobs/2/prototypes"]').first().click();
  await expect(page).toHaveURL(/\/prototypes$/);
  await expect.poll(isMadeBefore).toBe(false);
  // From then on it goes from page to page as before.
  await page.evaluate(() => Object.assign(window, { madeBefore: true }));
  await page.locator('a[href="/jobs/2/pieces"]').first().click();
  await expect(page).toHaveURL(/\/pieces$/);
  expect(await isMadeBefore()).toBe(true);
});

test("an erasure takes the kept pages with it", async ({ page }) => {
  const began = Date.now();
  await page.goto("/jobs/2");
  await keptSince(page, "/jobs/2", began);
  await page.getByRole("link", { name: "Maro Dellinge" }).click();
  await page.getByRole("link", { name: /^Erase/ }).click();
  await page.getByLabel("Type the name to confirm").fill("Maro Dellinge");
  await page.getByRole("button", { name: /^Erase/ }).click();
  await expect(page.getByRole("heading", { name: "Wearers", level: 1 })).toBeVisible();
  await expect.poll(() => kept(page)).not.toContain("/jobs/2");
});

test("a device that signs out leaves no page behind", async ({ page, browser }) => {
  test.setTimeout(90_000);
  // A browser keeps nothing where it was only told to overlook a certificate; this machine's own address is safe without one.
  const address = await share(page, "not at all");
  const context = await browser.newContext();
  const tablet = await context.newPage();
  const code = await makeCode(page, /the whole workshop/);
  // Before it is let in it is given nothing to keep.
  await tablet.goto(`${address}sign-in`);
  expect(await tablet.evaluate(async () => (await navigator.serviceWorker.getRegistrations()).length)).toBe(0);
  await expect(tablet.locator("body[data-hydrated]")).toBeVisible();
  // The page is open already: only the part of its address that brings the code changes.
  await tablet.goto(`${address}sign-in#${code}`);
  await expect(tablet.getByLabel("Six digits")).toHaveValue(code);
  await tablet.getByLabel("Name of this device").fill("Tablet");
  await tablet.getByRole("button", { name: "Let it in" }).click();
  await expect(tablet.getByText("Tablet: the whole workshop")).toBeVisible();
  await tablet.evaluate(() => navigator.serviceWorker.ready.then(() => true));
  const began = Date.now();
  await tablet.goto(`${address}jobs/2`);
  await keptSince(tablet, "/jobs/2", began);
  await tablet.getByRole("button", { name: "Sign out" }).click();
  await expect(tablet.getByRole("heading", { name: "Let this device in" })).toBeVisible();
  await expect.poll(() => kept(tablet)).toEqual([]);
  await context.close();
});
