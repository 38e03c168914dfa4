import type { Page } from "@playwright/test";
import { expect, expectAccessible, pick, test } from "./test.ts";

const MEASURES = {
  Waist: "74.2",
  "High hip": "90,5",
  Hip: "39 3/4 in",
  "Leg edge, left": "59.8",
  "Leg edge, right": "60.4",
  "Waist to hip": "20.5",
  "Crotch front": "31.8",
  "Crotch back": "372mm",
  "Crotch depth": "26.8",
} as const;

async function addWearerAndSheet(page: Page) {
  await page.goto("/wearers");
  await page.getByRole("link", { name: "Add a wearer" }).click();
  await page.getByRole("textbox", { name: "Name", exact: true }).fill("Tessaly Brand");
  await page.getByRole("button", { name: "Add wearer" }).click();
  await expect(page.getByRole("heading", { level: 1, name: "Tessaly Brand" })).toBeVisible();
  await page.getByRole("link", { name: "Take a sheet" }).click();
  for (const group of ["Lengths", "Seated"]) await page.getByText(new RegExp(`^${group} \\(`)).click();
  for (const [name, text] of Object.entries(MEASURES)) await page.getByLabel(name, { exact: true }).fill(text);
  await page.getByRole("button", { name: "Save sheet" }).click();
  await expect(page.getByRole("row", { name: /^Hip 101.0 39 3\/4 in/ })).toBeVisible();
}

async function addClothWithTest(page: Page) {
  await page.goto("/cloths/new");
  await page.getByLabel("Name").fill("Moth jersey");
  await page.getByRole("button", { name: "Add cloth" }).click();
  await pick(page, "Pulled", "across (crosswise)");
  await page.getByLabel("Stretched").fill("160");
  await page.getByLabel("After 60 s").fill("104");
  await page.getByRole("button", { name: "Keep this test" }).click();
  await expect(page.getByRole("row", { name: /^across.*60\.0 %.*high/ })).toBeVisible();
}

async function planJob(page: Page) {
  await page.goto("/jobs/new");
  await page.getByRole("link", { name: "Tessaly Brand" }).click();
  await page.getByRole("radio", { name: /^Brief:/ }).check();
  await page.getByLabel("Name of the job").fill("Walk brief");
  await page.getByRole("button", { name: "Start the job" }).click();
  await page.getByRole("link", { name: "choose one" }).click();
  await page.getByRole("button", { name: "Use Moth jersey" }).click();
  await page
    .getByRole("navigation", { name: "Order of the work" })
    .getByRole("link", { name: /Ease plan/ })
    .click();
  await page.getByRole("button", { name: "Choose share of stretch" }).click();
  await expect(page.getByText("Chosen for this job")).toBeVisible();
}

async function startAndSew(page: Page, number: number, waistFlat: string) {
  await page
    .getByRole("navigation", { name: "Order of the work" })
    .getByRole("link", { name: /Prototypes/ })
    .click();
  await page.getByRole("button", { name: `Start prototype ${number}` }).click();
  await expect(page.getByRole("heading", { level: 1, name: `Prototype ${number}` })).toBeVisible();
  await page.getByLabel("Waist, flat").fill(waistFlat);
  await page.getByRole("button", { name: "Keep as sewn" }).click();
  await expect(page.getByRole("table", { name: "As sewn" })).toContainText("mm");
}

async function beginFitting(page: Page) {
  await page.getByRole("link", { name: "Fit it" }).click();
  await page.getByRole("button", { name: "Begin the fitting" }).click();
  await expect(page.getByText("on the wearer")).toBeVisible();
}

async function tapFigure(page: Page, view: "front" | "back", x: number, y: number) {
  await page.getByRole("button", { name: new RegExp(`^Turn to the ${view}`) }).click();
  const figure = page.getByRole("img", { name: new RegExp(`^Findings, ${view}`) });
  const box = await figure.boundingBox();
  if (!box) throw new Error("The figure is on the page.");
  await figure.click({ position: { x: x * box.width, y: y * box.height } });
}

test("from a wearer's measures to a second prototype that is better", async ({ page }) => {
  // The whole way in one go, with five looks at accessibility.
  test.setTimeout(150_000);
  await addWearerAndSheet(page);
  await addClothWithTest(page);
  await planJob(page);

  // Waist 742 / (1 + 0.22 · 0.60) = 655.5, sewn to 656: the plan's number and its formula.
  const waist = page.getByRole("region", { name: "Waist" });
  await expect(waist.getByRole("row", { name: /Garment girth/ })).toContainText("65.5");
  await waist.getByRole("button", { name: /Waist, strain \(worn\), share of stretch/ }).click();
  const why = page.getByRole("dialog", { name: "Where this number comes from" });
  await expect(why).toContainText("ε = B / G − 1");
  await expect(why).toContainText("74.2 cm / 65.5 cm − 1");
  await expectAccessible(page);
  await page.keyboard.press("Escape");

  await startAndSew(page, 1, "33.2");
  await expect(page.getByRole("row", { name: /^Waist .*66\.4/ }).last()).toContainText("+9 mm off plan");
  await expectAccessible(page);

  await beginFitting(page);
  await tapFigure(page, "back", 0.5, 0.44);
  const form = page.getByRole("region", { name: "New finding" });
  await expect(form.getByRole("radio", { name: "waist", exact: true })).toBeChecked();
  await expect(form.getByRole("radio", { name: "both sides" })).toBeChecked();
  await pick(page, "What is seen", "loose");
  await form.getByLabel("Pinch", { exact: true }).fill("24");
  await form.getByRole("button", { name: "Put it on the record" }).click();

  // The demo has outcomes in cloth of this class: 1.1 · 24 / (742/664) = 23.62 taken off, over two side seams 5.91 an edge.
  const finding = page.getByRole("article", { name: "Finding 1" });
  await expect(finding.getByRole("button", { name: /^−23.6 mm Proposed change/ })).toBeVisible();
  await expect(finding.getByRole("button", { name: /^−5.9 mm Change at each seam edge/ })).toBeVisible();
  await expectAccessible(page);
  await finding.getByRole("button", { name: "Decide" }).click();
  await expect(finding).toContainText("Taken as proposed: girth −23.6 mm");

  await page.getByRole("button", { name: "Take a reading" }).click();
  await page.getByLabel("Force", { exact: true }).fill("195 g");
  await page.getByRole("button", { name: "Keep the reading" }).click();
  await expect(page.getByRole("region", { name: "Tension readings" })).toContainText(/1\.91 N.*lift at the waist/);

  await startAndSew(page, 2, "32.1");
  const step = page.getByRole("table", { name: "Plan of prototype 2" }).getByRole("row", { name: /^Waist/ });
  await expect(step).toContainText("65.5"); // planned for 1
  await expect(step).toContainText("66.4"); // sewn
  await expect(step).toContainText("−23.6 mm"); // changed
  await expect(step).toContainText("63.1"); // now planned: 655 − 23.62 = 631

  await beginFitting(page);
  const judge = page.getByRole("article", { name: /^Judge: Loose at the waist/ });
  await judge.getByRole("radio", { name: "some is left" }).check();
  await judge.getByLabel("How much is left").fill("2");
  await judge.getByRole("button", { name: "Judge" }).click();
  await expect(judge).toContainText("cured: 2 mm left");
  await expectAccessible(page);
});

test("a finding can be altered, refused with a reason, taken off and put back", async ({ page }) => {
  await page.goto("/jobs/2/prototypes/1/fitting");
  const first = page.getByRole("article", { name: "Finding 1" });
  await first.getByRole("radio", { name: "refuse it" }).check();
  await first.getByRole("button", { name: "Decide" }).click();
  await expect(first.getByText("Expected the reason for refusing, but the field is empty.")).toBeVisible();
  await first.getByLabel("Reason").fill("Waits for the elastic.");
  await first.getByRole("button", { name: "Decide" }).click();
  await expect(first).toContainText("Refused");

  const second = page.getByRole("article", { name: "Finding 2" });
  await second.getByRole("radio", { name: "alter it" }).check();
  await second.getByLabel("Give to the girth").fill("5");
  await second.getByRole("button", { name: "Decide" }).click();
  await expect(second).toContainText(/Altered: girth \+5 mm, \+2.5 mm .*at each of 2 seam edges/);
  await second.getByRole("button", { name: "Take the word back" }).click();
  await expect(second.getByRole("button", { name: "Decide" })).toBeVisible();

  await second.getByRole("button", { name: "Take finding 2 off" }).click();
  await expect(page.getByRole("article", { name: "Finding 2" })).toHaveCount(0);
  await page.getByRole("button", { name: "Put it back" }).click();
  await expect(page.getByRole("article", { name: "Finding 2" })).toContainText("Tight, leg edge, right, front");
});

test("the demo's second prototype tells what the first changes did", async ({ page }) => {
  await page.goto("/jobs/1/prototypes/2/fitting");
  const judged = page.getByRole("region", { name: "What the changes did" });
  await expect(judged).toContainText("cured: 2 mm left");
  await expect(judged).toContainText("overdone: 9 mm too far");
});
