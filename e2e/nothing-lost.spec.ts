import { expect, kept, test } from "./test.ts";

test("a half-filled sheet survives a reload, and can be started afresh", async ({ page }) => {
  await page.goto("/wearers/2/sheets/new");
  await kept(page, "84,5", page.getByLabel("Waist", { exact: true }));
  await page.reload();
  await expect(page.getByText("Taken up where you left off")).toBeVisible();
  await expect(page.getByLabel("Waist", { exact: true })).toHaveValue("84,5");
  await page.getByRole("button", { name: "Start afresh" }).click();
  await expect(page.getByLabel("Waist", { exact: true })).toHaveValue("");
});

test("two windows: the later save is refused, both are shown, and nothing typed is lost", async ({ page, context }) => {
  const other = await context.newPage();
  await page.goto("/wearers/1");
  await other.goto("/wearers/1");
  await page.getByLabel("Notes").fill("From the first window.");
  // The form may wait for its draft: a reload before it was handed in would rightly give the half-typed text back.
  const saved = page.waitForResponse(
    (answer) => answer.request().method() === "POST" && new URL(answer.url()).pathname.startsWith("/wearers/1"),
  );
  await page.getByRole("button", { name: "Save" }).click();
  await saved;
  await expect(page.getByText("Taken up where you left off")).toHaveCount(0);
  // Nothing half-typed was kept after it was saved either.
  await page.reload();
  await expect(page.getByText("Taken up where you left off")).toHaveCount(0);
  await other.getByLabel("Notes").fill("From the second window.");
  await other.getByRole("button", { name: "Save" }).click();
  const notice = other.getByRole("table", { name: "Your edit beside the newer one" });
  await expect(notice).toContainText("From the first window.");
  await expect(notice).toContainText("From the second window.");
  await expect(other.getByLabel("Notes")).toHaveValue("From the second window.");
  await other.getByRole("button", { name: "Save mine over theirs" }).click();
  await expect(other.getByRole("table", { name: "Your edit beside the newer one" })).toHaveCount(0);
  await page.reload();
  await expect(page.getByLabel("Notes")).toHaveValue("From the second window.");
});

test("bad input gets an error beside its field and stays in it", async ({ page }) => {
  await page.goto("/wearers/2/sheets/new");
  await page.getByLabel("Waist", { exact: true }).fill("-74");
  await page.getByLabel("Hip", { exact: true }).fill("hundred");
  await page.getByRole("button", { name: "Save sheet" }).click();
  await expect(page.getByText("“-74” cannot be read as one.")).toBeVisible();
  await expect(page.getByText("“hundred” cannot be read as one.")).toBeVisible();
  await expect(page.getByLabel("Waist", { exact: true })).toHaveValue("-74");

  await page.goto("/cloths/1");
  await page.getByLabel("Stretched").fill("80");
  await page.getByRole("button", { name: "Keep this test" }).click();
  await expect(page.getByText("Expected more than the gauge of 100 mm, but it is 80 mm.")).toBeVisible();
  await expect(page.getByLabel("Stretched")).toHaveValue("80");

  await page.goto("/jobs/2/prototypes/1/fitting");
  await page.getByRole("button", { name: "Put a finding by name" }).click();
  await page.getByRole("button", { name: "Put it on the record" }).click();
  const form = page.getByRole("region", { name: "New finding" });
  await expect(form.getByText(/^Expected a place of this garment \(upper edge, waist, /)).toBeVisible();
  await form.getByRole("radio", { name: "waist", exact: true }).check();
  await form.getByRole("radio", { name: "loose", exact: true }).check();
  await page.getByRole("button", { name: "Put it on the record" }).click();
  await expect(form.getByText("Expected an amount such as 24 or 15/16 in, but the field is empty.")).toBeVisible();
});

test("a slip of the pen is offered for repair with one click", async ({ page }) => {
  await page.goto("/wearers/2/sheets/new");
  await page.getByLabel("Waist", { exact: true }).fill("742");
  await page.getByRole("button", { name: "Write 74.2 cm" }).click();
  await expect(page.getByLabel("Waist", { exact: true })).toHaveValue("74.2");
});

test("a started prototype stays as it was when the job moves on", async ({ page }) => {
  await page.goto("/jobs/2/prototypes/1");
  const plan = page.getByRole("table", { name: "Plan of prototype 1" });
  const before = await plan.innerText();
  await page.goto("/jobs/2/ease");
  await page.getByRole("button", { name: "Choose fixed cut" }).click();
  await expect(page.getByText("Chosen for this job")).toBeVisible();
  await page.goto("/jobs/2/prototypes");
  await expect(page.getByText("The plan has moved on since prototype 1: waist")).toBeVisible();
  await page.goto("/jobs/2/prototypes/1");
  expect(await plan.innerText()).toBe(before);
});
