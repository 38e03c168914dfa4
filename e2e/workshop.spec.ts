import { expect, expectAccessible, test } from "./test.ts";

test("a scrap is sewn, pulled on the stand-in gauge, judged, and kept as a recipe", async ({ page }) => {
  await page.goto("/jobs/2/seams");
  await expect(page.getByRole("table", { name: "What the seams need" }).getByRole("row")).toHaveCount(4);
  const dial = page.locator('input[name="thread.leftNeedle.tension"]');
  await dial.fill("12");
  await page.getByRole("button", { name: "Pull on the stand-in gauge" }).click();
  const broke = page.getByRole("button", { name: "It broke (space)" });
  await expect(broke).toBeVisible();
  await expect(page.getByText(/^1[2-9]\d\.\d mm$/)).toBeVisible({ timeout: 20_000 });
  await page.keyboard.press("Space");
  await expect(page.getByText(/^Marked at \d+\.\d mm: now say what gave\.$/)).toBeVisible();
  await expect(page.locator('input[name="length"]')).toHaveValue(/^\d+\.\d mm$/);

  // Nothing typed is lost where something is refused: the dial is off the machine's scale, and nobody said what gave.
  await page.getByRole("button", { name: "Keep the trial" }).click();
  await expect(page.getByText(/Expected what gave/)).toBeVisible();
  await page.getByRole("radio", { name: "nothing", exact: true }).check();
  await page.getByRole("radio", { name: "balanced", exact: true }).check();
  await page.locator('input[name="length"]').fill("171");
  await page.getByRole("button", { name: "Keep the trial" }).click();
  await expect(page.getByText("Expected a dial from 0 to 9 of “Overlock by the window”, but got 12.")).toBeVisible();
  await expect(page.locator('input[name="length"]')).toHaveValue("171");
  await dial.fill("2.5");
  await page.getByRole("button", { name: "Keep the trial" }).click();

  const trial = page.getByRole("group", { name: "Trial 6" });
  await expect(trial.getByText("left needle: tension 3 → 2.5").first()).toBeVisible();
  await trial.getByRole("button", { name: "Sew with it, trial 6" }).click();
  await expect(page.getByText(/Sewn with the set-up of trial 6, which goes 71/)).toBeVisible();
  await trial.getByRole("button", { name: "Keep as a recipe, trial 6" }).click();
  await expect(page.getByText("Lane-swimming bottom, trial 6")).toBeVisible();
  const download = page.waitForEvent("download");
  await trial.getByRole("link", { name: "Card to print" }).click();
  expect((await download).suggestedFilename()).toMatch(/trial-6\.pdf$/);
  await expectAccessible(page);
  // What the seam gives is in the verdict on pulling on.
  await page.goto("/jobs/2/ease");
  await expect(page.getByText(/the seam it is sewn with gives/).first()).toBeVisible();
});

test("a zigzag is estimated before it is sewn", async ({ page }) => {
  await page.goto("/jobs/2/seams");
  await page.getByRole("radio", { name: "304 zigzag" }).check();
  await page.getByLabel("Stitch length").fill("1.5");
  await page.getByLabel("Width", { exact: true }).fill("3");
  await expect(page.getByRole("region", { name: "Before it is sewn" }).getByText(/An estimate:/)).toBeVisible();
  await page.getByRole("button", { name: /Stretch of the zigzag, estimated/ }).click();
  await expect(page.getByRole("dialog")).toContainText("width it keeps when opened");
});

test("steps are timed over a reload, moved with the keys, and closed before their time only with a word", async ({
  page,
}) => {
  await page.goto("/jobs/2/sewing");
  const steps = page.getByRole("list", { name: "Steps of sewing" });
  await page.getByRole("button", { name: "Time it, Close the sides" }).click();
  await expect(page.getByRole("button", { name: "Stop timing, Close the sides" })).toHaveText(/Stop \d+:\d\d/);
  await page.reload();
  await expect(page.getByRole("button", { name: "Stop timing, Close the sides" })).toHaveText(/Stop \d+:\d\d/);
  await page.getByRole("checkbox", { name: "Close the sides, done" }).check();
  await expect(page.getByRole("button", { name: "Time it, Close the sides" })).toBeVisible();

  await page.getByLabel("A step of your own").fill("Sew the label in");
  await page.getByRole("button", { name: "Add it" }).click();
  await expect(steps.getByRole("listitem").last()).toContainText("Sew the label in");
  await page.getByLabel("Sew the label in, minutes sewn").fill("4");
  await page.getByLabel("Sew the label in, minutes sewn").press("Enter");

  // The leg elastics come before the sides no more than in words: taken up, moved up, put down.
  await page.getByRole("checkbox", { name: "Close the sides, done" }).uncheck();
  await expect(page.getByRole("checkbox", { name: "Close the sides, done" })).not.toBeChecked();
  const handle = page.getByRole("button", { name: /^Move step \d+, sew the leg elastics in/ });
  const from = Number(/\d+/.exec((await handle.getAttribute("aria-label")) ?? "")?.[0]);
  const over = (place: number) => page.getByText(new RegExp(`^Over the place of .* ${place} of \\d+\\.$`));
  await handle.focus();
  await page.keyboard.press("Space");
  await expect(over(from)).toBeAttached();
  await page.keyboard.press("ArrowUp");
  await expect(over(from - 1)).toBeAttached();
  await page.keyboard.press("Space");
  await expect(page.getByText("“Close the sides” comes before “Sew the leg elastics in”").first()).toBeVisible();
  await expectAccessible(page);
});

test("a job is wanted, met for and waited for; the day shows it, and an appointment is moved", async ({ page }) => {
  await page.goto("/jobs/2/sewing");
  await page.getByLabel("Wanted on").fill("12 Dec 2098");
  await page.getByRole("button", { name: "Keep the day" }).click();
  await expect(page.getByText(/are left to sew until 12 Dec 2098: to be gone on with by/)).toBeVisible();
  await page.getByLabel("Day", { exact: true }).fill("3 Nov 2020");
  await page.getByLabel("Time", { exact: true }).first().fill("14:30");
  await page.getByRole("button", { name: "Put it down" }).click();
  await expect(page.getByText("Expected a time to come, but 3 Nov 2020, 14:30 is past.")).toBeVisible();
  await expect(page.getByLabel("Time", { exact: true }).first()).toHaveValue("14:30");
  await page.getByLabel("Day", { exact: true }).fill("11 Dec 2098");
  await page.getByRole("button", { name: "Put it down" }).click();
  await expect(page.getByText("Fitting, 11 Dec 2098, 14:30")).toBeVisible();

  await page.goto("/days?day=2098-12-11");
  const day = page.getByRole("list", { name: "The day" });
  const fitting = day.getByRole("button", { name: /^Fitting, Lane-swimming bottom/ });
  await expect(fitting).toBeVisible();
  await expectAccessible(page);
  await fitting.focus();
  await page.keyboard.press("ArrowLeft");
  await expect(page).toHaveURL(/day=2098-12-10/);
  await expect(day.getByText("14:30–15:30")).toBeVisible();

  const there = await page.getByRole("link", { name: /^15 Dec 2098/ }).boundingBox();
  const from = await fitting.boundingBox();
  if (!there || !from) throw new Error("There is nothing to drag, or nowhere to.");
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(there.x + 20, there.y + 20, { steps: 12 });
  await page.mouse.up();
  await expect(page).toHaveURL(/day=2098-12-15/);
  await expect(day.getByText("14:30–15:30")).toBeVisible();

  const download = page.waitForEvent("download");
  await page.getByRole("link", { name: "Calendar, ICS" }).click();
  expect((await download).suggestedFilename()).toBe("days.ics");
});
