import type { Page } from "@playwright/test";
import { begins } from "./printed.ts";
import { expect, expectAccessible, test } from "./test.ts";

const drawing = (page: Page) => page.getByRole("img", { name: /^Brief or bikini bottom/ });
const edges = (page: Page) => page.getByRole("table", { name: "Edges of the pieces" });

test("pieces are drawn as their options are set, looked at edge by edge, kept and printed", async ({ page }) => {
  await page.goto("/jobs/2/pieces");
  await expect(drawing(page)).toBeVisible();
  const side = page.getByRole("button", { name: /^2 Side of the front: show on the drawing/ });
  const row = edges(page).getByRole("row").filter({ has: side });
  const before = await row.getByRole("cell").nth(0).textContent();

  // A raised leg leaves less of the side, at once; nothing is kept until it is said.
  await page.getByLabel("Leg higher at the side, mm").fill("15");
  await expect(row.getByRole("cell").nth(0)).not.toHaveText(before ?? "");
  await expect(page.getByText("As typed; not kept yet.")).toBeVisible();

  // What cannot be read leaves what was drawn before, greyed, and no rule is said to hold of it.
  const drawnSo = await row.getByRole("cell").nth(0).textContent();
  await page.getByLabel("Leg higher at the side, mm").fill("much");
  await expect(page.getByText(/^Leg higher at the side: Expected a length .*“much” cannot be read/)).toBeVisible();
  await expect(page.getByRole("heading", { name: "As it was drawn before" })).toBeVisible();
  await expect(page.getByText("Every rule holds")).toHaveCount(0);
  await expect(row.getByRole("cell").nth(0)).toHaveText(drawnSo ?? "");
  await page.getByLabel("Leg higher at the side, mm").fill("15");
  await expect(page.getByRole("heading", { name: "As it was drawn before" })).toHaveCount(0);

  // List and drawing light one another, by keyboard and by pointer.
  await side.focus();
  await page.keyboard.press("Enter");
  await expect(side).toHaveAttribute("aria-pressed", "true");
  await expect(page.locator("path.lit")).toHaveCount(1);
  await page.locator('path[data-edge="back leg"]').dispatchEvent("click");
  await expect(edges(page).getByRole("button", { name: /^3 Leg of the back: show/ })).toHaveAttribute(
    "aria-pressed",
    "true",
  );

  await page.getByRole("button", { name: "Nearer" }).click();
  await expect(drawing(page).locator("> g")).toHaveAttribute("transform", /scale\(1\.5\)/);
  await page.getByRole("button", { name: "All of it" }).click();
  await expect(drawing(page).locator("> g")).toHaveAttribute("transform", /scale\(1\)/);
  await expectAccessible(page);

  await page.getByRole("button", { name: "Keep", exact: true }).click();
  await expect(page.getByRole("link", { name: /Pieces.*4 pieces/ })).toBeVisible();
  expect(await begins(page, page.getByRole("button", { name: "Print at full size" }), 5)).toBe("%PDF-");
  expect(await begins(page, page.getByRole("link", { name: "SVG" }), 5)).toBe("<?xml");
  expect(await begins(page, page.getByRole("link", { name: "JSON" }), 1)).toBe("{");
});

test("a print carries the outlines of other prototypes as layers, and one page tells all there is to cut", async ({
  request,
}) => {
  const pieces = "/jobs/7/prototypes/4/pieces/briefPieces";
  const print = await request.get(`${pieces}/pdf?paper=a0&under=1&under=3`);
  expect(Number(print.headers()["stenz-pages"])).toBe(2);
  const text = (await print.body()).toString("latin1");
  for (const layer of ["cut lines", "Prototype 1", "Prototype 3"]) expect(text).toContain(`/Name (${layer})`);
  expect((await request.get(`${pieces}/pdf?under=9`)).status()).toBe(404);
  const sheet = await request.get(`${pieces}/sheet`);
  expect(sheet.headers()["content-disposition"]).toContain("cutting-sheet-race-brief");
});

test("a finding leads to a change, the change to a new outline, and that to printed pieces", async ({ page }) => {
  test.setTimeout(90_000);
  await page.goto("/jobs/2/pieces");
  await page.getByLabel("Leg higher at the side, mm").fill("10");
  await page.getByRole("button", { name: "Keep", exact: true }).click();
  await expect(page.getByRole("button", { name: "Print at full size" })).toBeVisible();
  await page.goto("/jobs/2/prototypes/1/pieces");
  await page.getByRole("button", { name: "Draw them from its plan" }).click();
  await expect(page.getByText("Drawn from the plan.")).toBeVisible();

  await page.goto("/jobs/2/prototypes/1/fitting");
  const finding = page.getByRole("article", { name: "Finding 1" });
  await finding.getByRole("button", { name: "Decide" }).click();
  await expect(finding).toContainText("Taken as proposed");
  await page.goto("/jobs/2/changes");
  await expect(page.getByRole("region", { name: "Old and new" })).toContainText(/Rides, waist.*girth at waist: .* to /);
  await expect(drawing(page).locator("path.old").first()).toBeAttached();
  await expectAccessible(page);

  await page.goto("/jobs/2/prototypes");
  await page.getByRole("button", { name: "Start prototype 2" }).click();
  await page.getByRole("link", { name: "Pieces", exact: true }).last().click();
  await expect(page.getByRole("heading", { level: 1, name: "Pieces of prototype 2" })).toBeVisible();
  await expect(page.getByText("Those of prototype 1 with what was decided on it drawn in.")).toBeVisible();
  await expect(page.getByRole("list", { name: "Changes drawn" })).toContainText("girth at waist");
  await page.getByRole("link", { name: "Alone" }).click();
  await expect(page.locator("path.old")).toHaveCount(0);
  expect(await begins(page, page.getByRole("button", { name: "Print at full size" }), 5)).toBe("%PDF-");
});

test("what does not fit a body is named, beside the field or with the place, and nothing is drawn wrong", async ({
  page,
}) => {
  await page.goto("/jobs/2/pieces");
  const raise = page.getByLabel("Leg higher at the side, mm");
  await raise.fill("200");
  await expect(page.getByText(/Expected a side seam of 15 mm or more between waist and leg/)).toBeVisible();
  // What was drawn before stays, greyed: no rule is said to hold of it.
  await expect(page.getByRole("heading", { name: "As it was drawn before" })).toBeVisible();
  await expect(page.getByText("Every rule holds")).toHaveCount(0);
  await raise.fill("60");
  await expect(page.getByText("1 rule is broken")).toBeVisible();
  await page.getByRole("button", { name: "Show", exact: true }).click();
  await expect(page.locator("path.lit")).toHaveCount(1);
  await raise.fill("high");
  await page.getByRole("button", { name: "Keep", exact: true }).click();
  await expect(page.getByText(/“high” cannot be read/)).toBeVisible();
  await expect(raise).toHaveValue("high");
});

test("a pattern from elsewhere is read in, its edges named, its seams checked, and printed", async ({ page }) => {
  await page.goto("/jobs/2/pieces?draw=ownPieces");
  await expect(page.getByText("Still to be typed: an edge of the pattern.")).toBeVisible();
  await page.locator("input[name=file]").setInputFiles({
    ...{ name: "brief.svg", mimeType: "image/svg+xml" },
    buffer: Buffer.from(
      '<svg xmlns="http://www.w3.org/2000/svg" width="220mm" height="200mm" viewBox="0 0 220 200">' +
        '<path id="Front" d="M0 0H160L150 80C110 120 60 150 40 200H0Z"/>' +
        '<path id="Back" d="M180 0H220V200H190C186 150 182 100 180 80Z"/></svg>',
    ),
  });
  await page.getByRole("button", { name: "Read it in" }).click();
  const stated = page.getByRole("table", { name: "Edges of your own pattern" });
  await expect(stated.getByRole("button", { name: /^2 edge 2 of Front/ })).toBeVisible();
  await expect(page.getByRole("img", { name: /^Own pattern: front, back/ })).toBeVisible();

  // Two sides that do not match are named at once, and an edge that was typed beside those that were read in.
  await page.getByLabel("Edge 2, edge").fill("side");
  await page.getByLabel("Edge 2, seam").fill("a");
  await page.getByRole("button", { name: "Another edge" }).click();
  await page
    .getByLabel(/^Edge \d+, piece$/)
    .last()
    .fill("Gusset");
  await page
    .getByLabel(/^Edge \d+, edge$/)
    .last()
    .fill("side");
  await page
    .getByLabel(/^Edge \d+, seam$/)
    .last()
    .fill("A");
  await expect(page.getByText("Expected a length for side of Gusset.")).toBeVisible();
  await page
    .getByLabel(/^Edge \d+, length$/)
    .last()
    .fill("9");
  await expect(page.getByText(/Seam A: expected Front side .* 9.4 mm apart/)).toBeVisible();
  await expectAccessible(page);

  await page.getByRole("button", { name: "Keep the change" }).click();
  await expect(page.getByText("As typed; not kept yet.")).toHaveCount(0);
  await expect(stated.getByRole("row", { name: /^2 side/ })).toContainText("A");
  expect(await begins(page, page.getByRole("link", { name: "SVG" }), 5)).toBe("<?xml");
});

test("cups of unequal sides: a seam moved is seen at once, on the breast and on the cloth, kept and printed", async ({
  page,
}) => {
  await page.goto("/jobs/5/pieces");
  await expect(page.getByRole("table", { name: "Strain left, left" })).toContainText("Lower cup, inner");
  await expect(page.getByRole("img", { name: /^The right cup from the side/ })).toBeVisible();
  await expect(edges(page).getByRole("row", { name: /Lower of the lower cup, inner, left/ })).toBeVisible();

  // In space where the browser can; where it cannot, it says so and the flat drawings stand.
  await page.getByRole("button", { name: "Turn it in space" }).click();
  await expect(
    page.getByRole("img", { name: /^The cups in space/ }).or(page.getByText("This browser draws nothing in space")),
  ).toBeVisible();

  // One cup less to cut: the larger for both, which Cups decides once for every step.
  await expect(page.getByText("Each side its own cups, as decided at Cups.")).toBeVisible();
  await page.goto("/jobs/5/cups");
  const cups = page.locator("section", { has: page.getByRole("radio", { name: "cut the larger, pad the smaller" }) });
  await cups.getByRole("radio", { name: "cut the larger, pad the smaller" }).check();
  await cups.getByRole("button", { name: "Keep the change" }).click();
  await expect(page.getByText("As typed; not kept yet.")).toHaveCount(0);
  await page.goto("/jobs/5/pieces");
  await expect(page.getByText("The larger twice, the smaller padded, as decided at Cups.")).toBeVisible();
  await expect(page.getByRole("table", { name: "Strain left, both sides" })).toBeVisible();
  await expect(edges(page).getByRole("rowgroup").filter({ hasText: "cut 2, half of them turned over" })).toHaveCount(3);
  await page.getByRole("radio", { name: "one across", exact: true }).check();
  await expect(edges(page).getByRole("rowgroup").filter({ hasText: "cut 2, half of them turned over" })).toHaveCount(2);
  await page.getByLabel("Cross seam below the apex, mm").fill("90");
  await page.getByRole("button", { name: "Keep the change" }).click();
  await expect(page.getByText(/“90”/)).toBeVisible();
  await page.getByLabel("Cross seam below the apex, mm").fill("8");
  await page.getByRole("button", { name: "Keep the change" }).click();
  await expect(page.getByText("As typed; not kept yet.")).toHaveCount(0);
  await expectAccessible(page);
  expect(await begins(page, page.getByRole("button", { name: "Print at full size" }), 5)).toBe("%PDF-");
});
