import { readFileSync } from "node:fs";
import type { Page } from "@playwright/test";
import { expect, expectAccessible, test } from "./test.ts";

/** The demo's job at its first fitting, whose prototype is open. */
const FITTING = "/jobs/2/prototypes/1/fitting";

async function tap(page: Page, view: "front" | "side" | "back", x: number, y: number) {
  await page.getByRole("button", { name: new RegExp(`^Turn to the ${view}`) }).click();
  const figure = page.getByRole("img", { name: new RegExp(`^Findings, ${view}`) });
  const box = await figure.boundingBox();
  if (!box) throw new Error("The figure is on the page.");
  await figure.click({ position: { x: x * box.width, y: y * box.height } });
}

const form = (page: Page) => page.getByRole("region", { name: "New finding" });

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
    await expect(page.getByText(/not sent yet/)).toHaveCount(0, { timeout: 20_000 });
    expect(lost).toBe(1);
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

test("what the server refuses comes back with its fields and the reason", async ({ page }) => {
  await page.goto(FITTING);
  await tap(page, "back", 0.5, 0.46);
  await form(page).getByRole("radio", { name: "waist", exact: true }).check();
  await form(page).getByRole("radio", { name: "line off its place", exact: true }).check();
  await form(page).getByLabel("Off at the front", { exact: true }).fill("much");
  await form(page).getByRole("button", { name: "Put it on the record" }).click();
  await expect(form(page).getByText("“much” cannot be read as one.")).toBeVisible();
  await expect(form(page).getByText("Expected an answer: it sits.")).toBeVisible();
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

test("a photo is made small and bare, and a timer reminds on every page", async ({ page }) => {
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

  await page.clock.install();
  await page.reload();
  await page.getByRole("button", { name: "Time 30:00" }).click();
  await page.clock.fastForward(60_000);
  await page.goto("/wearers");
  await expect(page.getByText(/left/).first()).toBeVisible();
  await page.clock.fastForward(1_800_000);
  await expect(page.getByRole("alert")).toContainText("The time is over: 30 minutes' wear");
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
