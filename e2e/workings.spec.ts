import { expect, test } from "./test.ts";

test("two windows on one calculation: the later one is shown both, and loses nothing", async ({ page, context }) => {
  await page.goto("/jobs/6/band");
  const other = await context.newPage();
  await other.goto("/jobs/6/band");
  const closure = page.getByRole("region", { name: "Hooks and bridge" });
  const theirs = other.getByRole("region", { name: "Hooks and bridge" });
  await theirs.getByLabel("Room at back end, mm").fill("60");
  await theirs.getByRole("button", { name: "Keep the change" }).click();
  await expect(theirs.getByText("As typed; not kept yet.")).toBeHidden();
  await closure.getByLabel("Dip wanted, mm").fill("8");
  await closure.getByRole("button", { name: "Keep the change" }).click();
  await expect(closure.getByRole("button", { name: "Save mine over theirs" })).toBeVisible();
  await expect(closure).toContainText("60");
  await expect(closure.getByLabel("Dip wanted, mm")).toHaveValue("8");
});

test("what the tissue wants looked at is carried into the fitting", async ({ page }) => {
  await page.goto("/jobs/5/prototypes");
  await expect(page.getByText(/Not settled before this prototype: Band and straps, 2 things to mend/)).toBeVisible();
  await page.getByRole("button", { name: /Start prototype 1/ }).click();
  await page.goto("/jobs/5/prototypes/1/fitting");
  await expect(page.getByText(/Look at this too:.*enough cover at the centre front/)).toBeVisible();
});
