import { begins } from "./printed.ts";
import { expect, expectAccessible, test } from "./test.ts";

test("a wire longer than its channel is named, and cradle, wing and cup piece rise with it", async ({ page }) => {
  await page.goto("/jobs/6/pieces?draw=wiredBraPieces");
  await expect(page.getByText("Every rule holds")).toBeVisible();
  await expect(page.getByText(/^Left: The channel is raised by \d+\.\d mm at the underarm/)).toBeVisible();

  await page.getByRole("radio", { name: "left as it is, and named" }).check();
  await expect(
    page.getByText(/Expected the channel of the wire to be at least .*, 246\.0 mm, but it is .* mm are missing/),
  ).toBeVisible();
  await page.getByRole("radio", { name: "raised at the underarm by what is missing" }).check();
  await expect(page.getByText("Every rule holds")).toBeVisible();
});

test("a wire of another size is refused with what fits, and what was drawn stands again with the right one", async ({
  page,
}) => {
  await page.goto("/jobs/6/pieces?draw=wiredBraPieces");
  await expect(page.getByText("Every rule holds")).toBeVisible();
  await page.getByLabel("Wire along its curve, mm").fill("420");
  await expect(page.getByText(/^Left: Expected a wire of at most \d+ mm .* it is 420 mm long/)).toBeVisible();
  await page.getByLabel("Wire along its curve, mm").fill("236");
  await expect(page.getByText("Every rule holds")).toBeVisible();
});

test("the page of a wired bra can be used without seeing it", async ({ page }) => {
  await page.goto("/jobs/6/pieces?draw=wiredBraPieces");
  await expect(page.getByRole("table", { name: "Strain left, left" })).toBeVisible();
  await expectAccessible(page);
});

test("a soft bra of unequal sides goes to printed pieces", async ({ page }) => {
  await page.goto("/jobs/5/pieces?draw=softBraPieces");
  await expect(page.getByRole("table", { name: "Strain left, right" })).toContainText("Lower cup, outer");
  await expect(page.getByRole("row", { name: /^Underbust .* 0 mm$/ })).toBeVisible();
  await page.getByRole("radio", { name: "closed with hooks" }).check();
  await expect(page.getByLabel("Rows of hooks")).toBeVisible();
  await page.getByRole("button", { name: "Keep the change" }).click();
  await expect(page.getByText("As typed; not kept yet.")).toHaveCount(0);
  expect(await begins(page, page.getByRole("button", { name: "Print at full size" }), 5)).toBe("%PDF-");
});

test("a traced curve is laid over an edge and shaved toward it twice", async ({ page }) => {
  await page.goto("/jobs/8/prototypes/3/pieces");
  await page.getByRole("link", { name: "Lay its curve over an edge" }).click();
  await page.getByRole("link", { name: "leg of back" }).click();
  const places = page.getByLabel("Places of the curve, mm");
  await places.fill("0 0\n110 wide\n220 0");
  await expect(page.getByText(/Line 2: expected two numbers in mm/)).toBeVisible();
  await page.getByRole("button", { name: "Add this change" }).click();
  await expect(page.getByLabel("Places of the curve, mm")).toHaveAttribute("aria-invalid", "true");
  await expect(places).toHaveValue("0 0\n110 wide\n220 0");

  await places.fill("0 0\n60 3\n110 4\n160 3\n220 0");
  await expect(page.getByText(/\d+\.\d cm² to be (added|shaved off) in all/)).toBeVisible();
  await expect(page.getByRole("table", { name: "How far the curve lies from the edge" }).getByRole("row")).toHaveCount(
    8,
  );
  await expectAccessible(page);
  await page.getByRole("button", { name: "Add this change" }).click();
  await expect(page.getByRole("region", { name: "Cutting table" })).toContainText(
    "leg: brought 50 % of the way to the traced curve",
  );

  // The next step goes on toward the same curve.
  await page.goto("/jobs/8/prototypes/3/traced?of=briefPieces&piece=back&edge=leg");
  await expect(page.getByText("This is the curve laid here before, brought 50 % of the way")).toBeVisible();
  await expect(places).toHaveValue("0 0\n60 3\n110 4\n160 3\n220 0");
  await page.getByLabel("Bring the edge there by").fill("30");
  await page.getByRole("button", { name: "Add this change" }).click();
  await expect(page.getByRole("region", { name: "Cutting table" })).toContainText("brought 30 % of the way");
  await expect(page.getByText(/trace on leg of back|leg of back: .* to /).first()).toBeVisible();
});

test("a curve is read from an SVG, looked at, and another file named with what is wrong", async ({ page }) => {
  await page.goto("/jobs/8/prototypes/3/traced?of=briefPieces&piece=back&edge=leg");
  const file = (inner: string) => ({
    name: "curve.svg",
    mimeType: "image/svg+xml",
    buffer: Buffer.from(
      `<svg xmlns="http://www.w3.org/2000/svg" width="240mm" height="60mm" viewBox="0 0 240 60">${inner}</svg>`,
    ),
  });
  await page.locator('input[type="file"]').setInputFiles(file('<path d="M0 0 L 20 20 L 0 20 Z"/>'));
  await page.getByRole("button", { name: "Read it in" }).click();
  await expect(page.getByText("Expected one open line, the traced curve, but the file has none.")).toBeVisible();
  await page.locator('input[type="file"]').setInputFiles(file('<path d="M10 10 Q 120 22 230 10" fill="none"/>'));
  await page.getByRole("button", { name: "Read it in" }).click();
  await expect(page.getByLabel("Places of the curve, mm")).toHaveValue(/^0 0\n.*\n220 0$/s);
  await expect(page.getByText(/cm² to be (added|shaved off) in all/)).toBeVisible();
});

test("a piece of a wrap is built from its lengths, mended where they do not agree, and printed", async ({ page }) => {
  await page.goto("/jobs/3/pieces?draw=ownPieces");
  const form = page.getByRole("region", { name: "A piece by its lengths" });
  await form.getByLabel("Piece").fill("Side panel");
  await form.getByLabel("Edges round it, mm").fill("210 95 180 90");
  await expect(form.getByText(/corner 3 can still turn/)).toBeVisible();
  await form.getByRole("button", { name: "Add this piece" }).click();
  await expect(form.getByLabel("Edges round it, mm")).toHaveAttribute("aria-invalid", "true");
  await expect(form.getByLabel("Edges round it, mm")).toHaveValue("210 95 180 90");

  await form.getByLabel("Lines across, mm").fill("1-3 226\n2-4 228");
  await expect(form.getByText(/The lengths do not agree: the worst is missed by \d/)).toBeVisible();
  await form.getByLabel("Lines across, mm").fill("1-3 226\n2-4 203.9");
  await expect(form.getByText("The lengths agree.")).toBeVisible();
  await expect(form.getByRole("img", { name: "The piece as it comes out" })).toBeVisible();
  await expectAccessible(page);
  await form.getByRole("button", { name: "Add this piece" }).click();
  await expect(page.getByLabel("Edge 4, edge")).toHaveValue("edge 4");
  await expect(page.getByText("Side panel is built from 4 edges and 2 lines across; they agree.")).toBeVisible();
  expect(await begins(page, page.getByRole("button", { name: "Print at full size" }), 5)).toBe("%PDF-");
});
