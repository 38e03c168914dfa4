import { readFileSync } from "node:fs";
import type { Page } from "@playwright/test";
import { FITTING, form, tap } from "./fittingSteps.ts";
import { expect, expectAccessible, test } from "./test.ts";

async function put(page: Page, kind: string, amount: string) {
  await form(page).getByRole("radio", { name: kind, exact: true }).check();
  await form(page).getByLabel("Pinch of spare length", { exact: true }).fill(amount);
  await form(page).getByRole("button", { name: "Put it on the record" }).click();
}

test("from a tap on the side of the figure to the cutting table and the next plan", async ({ page }) => {
  test.setTimeout(90_000);
  await page.goto(FITTING);
  await tap(page, "side", 0.573, 0.465);
  await expect(form(page).getByRole("radio", { name: "small of the back" })).toBeChecked();
  await form(page).getByRole("radio", { name: "both sides" }).check();
  await form(page).getByRole("radio", { name: "pools", exact: true }).check();
  await form(page).getByRole("button", { name: "Pinch of spare length: five more" }).click();
  await form(page).getByRole("button", { name: "Pinch of spare length: more", exact: true }).click();
  await expect(form(page).getByLabel("Pinch of spare length", { exact: true })).toHaveValue("6");
  await put(page, "pools", "20");
  const finding = page.getByRole("article", { name: "Finding 3" });
  await expect(finding).toContainText("Pools, small of the back, both sides, side");
  await expect(finding).toContainText(/Proposed: shape a centre-back seam, −/);
  await expect(finding).toContainText("Say whether a seam runs there");
  await expectAccessible(page);
  await finding.getByRole("radio", { name: "fold the length out across the pattern" }).check();
  await finding.getByRole("button", { name: "Decide" }).click();
  await expect(finding).toContainText("Taken as proposed");

  await page.goto("/jobs/2/changes");
  const back = page.getByRole("region", { name: "back", exact: true });
  await expect(back).toContainText(/Fold out, shorter by .* mm: across the piece at that level/);
  await expectAccessible(page);
  const download = page.waitForEvent("download");
  await page.getByRole("link", { name: "Cutting table as PDF" }).click();
  expect(readFileSync(await (await download).path(), "latin1").slice(0, 5)).toBe("%PDF-");

  await page.goto("/jobs/2/zones");
  await expect(
    page.getByRole("table", { name: "Lengths, planned next" }).getByRole("row", { name: /^Back rise/ }),
  ).toContainText("−");
  await page.goto("/jobs/2/prototypes");
  await page.getByRole("button", { name: "Start prototype 2" }).click();
  await expect(page.getByRole("heading", { level: 1, name: "Prototype 2" })).toBeVisible();
  await page.goto("/jobs/2/prototypes/1/fitting");
  await expect(page.getByText("This prototype is closed: its record stays as it is.")).toBeVisible();
  await expect(page.getByRole("button", { name: "Put a finding by name" })).toHaveCount(0);
});

test.describe("when the network is taken away", () => {
  test.use({ networkTaken: true });

  test("what is put down without a network is kept, sent in order once it is back, and never twice", async ({
    page,
    context,
  }) => {
    test.setTimeout(90_000);
    await page.goto(FITTING);
    await context.setOffline(true);
    for (const [index, amount] of ["11", "12", "13"].entries()) {
      await tap(page, "back", 0.5, 0.46);
      await form(page).getByRole("radio", { name: "waist", exact: true }).check();
      await form(page).getByRole("radio", { name: "loose", exact: true }).check();
      await form(page).getByLabel("Pinch", { exact: true }).fill(amount);
      await form(page).getByRole("button", { name: "Put it on the record" }).click();
      await expect(page.getByText(new RegExp(`^${index + 1} entr(y is|ies are) not sent yet`))).toBeVisible();
    }
    await page.getByRole("button", { name: "not good" }).first().click();
    await expect(page.getByText(/^4 entries are not sent yet/)).toBeVisible();
    await expect(page.getByRole("article", { name: /^Not sent: Loose, waist/ })).toHaveCount(3);
    await context.setOffline(false);
    await expect(page.getByText(/not sent yet/)).toHaveCount(0, { timeout: 20_000 });
    await expect(page.getByRole("article", { name: /^Finding / })).toHaveCount(5);
    for (const [index, amount] of ["11", "12", "13"].entries()) {
      await expect(page.getByRole("article", { name: `Finding ${index + 3}` })).toContainText(`Pinch ${amount} mm`);
    }
    await expect(page.getByRole("button", { name: "not good", pressed: true })).toHaveCount(1);
  });

  test("a word and a judgement given without a network wait in the queue too", async ({ page, context }) => {
    await page.goto("/jobs/1/prototypes/2/fitting");
    await context.setOffline(true);
    const judged = page.getByRole("article", { name: /^Judge: Loose at the hip/ });
    await judged.getByRole("button", { name: "Judge again" }).click();
    await judged.getByRole("radio", { name: "it is gone" }).check();
    await judged.getByRole("button", { name: "Judge", exact: true }).click();
    await expect(page.getByRole("article", { name: "Not sent: Judged: hip" })).toBeVisible();
    await page.getByRole("article", { name: "Finding 1" }).getByRole("button", { name: "Decide" }).click();
    await expect(page.getByText(/^2 entries are not sent yet/)).toBeVisible();
    await context.setOffline(false);
    await expect(page.getByText(/not sent yet/)).toHaveCount(0, { timeout: 20_000 });
    await expect(judged).toContainText("cured: nothing left");
    await expect(page.getByRole("article", { name: "Finding 1" })).toContainText("Taken as proposed");
  });

  test("what waits for a job that was erased meanwhile is forgotten by the browser", async ({ page, context }) => {
    await page.goto("/jobs/2");
    const wearer = await page.getByRole("link", { name: "Maro Dellinge" }).getAttribute("href");
    await page.goto(FITTING);
    await page.route("**/send", (route) => route.abort("connectionreset"));
    await page.getByRole("article", { name: "Finding 1" }).getByRole("button", { name: "Decide" }).click();
    await expect(page.getByText(/^1 entry is not sent yet/)).toBeVisible();

    const other = await context.newPage();
    await other.route("**/send", (route) => route.abort("connectionreset"));
    await other.goto(`${wearer}/erase`);
    await other.locator("body[data-hydrated]").waitFor({ state: "attached" });
    await other.getByLabel(/name/i).fill("Maro Dellinge");
    await other.getByRole("button", { name: /^Erase/ }).click();
    await expect(other).toHaveURL(/\/wearers\?erased=/);
    await expect(other.getByText(/^1 entry is not sent yet/)).toBeVisible();
    await other.unroute("**/send");
    await expect(other.getByText(/not sent yet/)).toBeHidden({ timeout: 20_000 });
    const kept = await other.evaluate(
      () =>
        new Promise((resolve) => {
          const open = indexedDB.open("stenz");
          open.onsuccess = () => {
            const all = open.result.transaction("sendings").objectStore("sendings").count();
            all.onsuccess = () => resolve(all.result);
          };
        }),
    );
    expect(kept).toBe(0);
  });

  test("a save whose answer is lost is sent again and done once", async ({ page }) => {
    await page.goto(FITTING);
    let lost = 0;
    await page.route("**/send", async (route) => {
      // The server gets it; its answer never arrives.
      if (lost === 0) {
        await route.fetch();
        lost += 1;
        await route.abort("connectionreset");
      } else await route.continue();
    });
    await tap(page, "back", 0.5, 0.46);
    await form(page).getByRole("radio", { name: "waist", exact: true }).check();
    await form(page).getByRole("radio", { name: "loose", exact: true }).check();
    await form(page).getByLabel("Pinch", { exact: true }).fill("17");
    await form(page).getByRole("button", { name: "Put it on the record" }).click();
    // Before it is on its way nothing waits either: only once its answer was lost does it count that nothing does.
    await expect.poll(() => lost, { timeout: 20_000 }).toBe(1);
    await expect(page.getByText(/not sent yet/)).toHaveCount(0, { timeout: 20_000 });
    await page.reload();
    await expect(page.getByRole("article", { name: /^Finding / })).toHaveCount(3);
    await expect(page.getByRole("article", { name: "Finding 3" })).toContainText("Pinch 17 mm");
  });

  test("what is handed in while the page is being closed is sent the next time Stenz is opened", async ({
    page,
    context,
  }) => {
    await page.goto(FITTING);
    await page.route("**/send", (route) => route.abort("connectionreset"));
    await page.getByRole("button", { name: "good", exact: true }).first().click();
    await expect(page.getByText(/^1 entry is not sent yet/)).toBeVisible();
    await page.close();
    const later = await context.newPage();
    await later.goto("/wearers");
    await expect(later.getByText(/not sent yet/)).toHaveCount(0, { timeout: 20_000 });
    await later.goto(FITTING);
    await expect(later.getByRole("button", { name: "good", exact: true, pressed: true })).toHaveCount(1);
  });
});
