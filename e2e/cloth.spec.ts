import { expect, expectAccessible, test } from "./test.ts";

test("a load ladder draws its curve as it is typed, and is kept", async ({ page }) => {
  await page.goto("/cloths/8/tests/new");
  await page.getByRole("radio", { name: /^across/ }).check();
  const steps = page.getByRole("group", { name: "Steps of the ladder" });
  await steps.getByLabel("Load 1, N").fill("1");
  await page.keyboard.press("Enter");
  await expect(steps.getByLabel("Gauge 1, mm")).toBeFocused();
  for (const [index, [load, gauge]] of [
    ["1", "105"],
    ["2", "108"],
    ["4", "112"],
    ["6", "114.5"],
  ].entries()) {
    await steps.getByLabel(`Load ${index + 1}, N`).fill(load ?? "");
    await steps.getByLabel(`Gauge ${index + 1}, mm`).fill(gauge ?? "");
  }
  await expect(page.getByRole("img", { name: "Tension over strain, as it is typed" })).toBeVisible();
  await page.getByLabel("Gauge after 60 s").fill("103");
  // Reference 100 N/m is between 4 N (80 N/m) and 6 N (120 N/m) on a strip of 50 mm; recovery (14.5 − 3) / 14.5.
  await expect(page.getByText("79.3 %")).toBeVisible();
  await expect(page.getByText("It does not come back well enough and will bag.")).toBeVisible();
  await expectAccessible(page);
  await page.getByRole("button", { name: "Keep this test" }).click();
  await expect(
    page
      .getByRole("table", { name: "Steps of the ladder" })
      .getByRole("row", { name: /3\. loading 4 112 12\.0 %.* 80\.0/ }),
  ).toBeVisible();
});

test("a ladder that cannot be says so beside the field, and keeps what was typed", async ({ page }) => {
  await page.goto("/cloths/1/tests/new");
  await page.getByRole("radio", { name: /^across/ }).check();
  const steps = page.getByRole("group", { name: "Steps of the ladder" });
  await steps.getByLabel("Load 1, N").fill("heavy");
  await steps.getByLabel("Gauge 1, mm").fill("95");
  await page.getByRole("button", { name: "Keep this test" }).click();
  await expect(page.getByText("“heavy” cannot be read as one.")).toBeVisible();
  await steps.getByLabel("Load 1, N").fill("1");
  await page.getByRole("button", { name: "Keep this test" }).click();
  await expect(page.getByText("Expected more than the gauge of 100 mm, but it is 95 mm.")).toBeVisible();
  await expect(steps.getByLabel("Gauge 1, mm")).toHaveValue("95");
});

test("the stand-in gauge is practised on, load by load, and its steps go on into the form", async ({ page }) => {
  await page.goto("/cloths/2/tests/live");
  await page.getByRole("radio", { name: "stand-in: a firm swim knit" }).check();
  await page.getByRole("radio", { name: "60 times, to practise" }).check();
  await page.getByLabel("Loads").fill("1, 3");
  await page.getByRole("button", { name: "Clamp the swatch" }).click();
  const read = page.getByRole("region", { name: "Steps read" });
  await page.getByRole("button", { name: "Hold load 1: 1 N" }).click();
  await expect(read).toContainText("from the true curve");
  await page.getByRole("button", { name: "Hold load 2: 3 N" }).click();
  await page.getByRole("button", { name: "Hold load 3: 1 N" }).click();
  await expect(read).toContainText("on the way back");
  await page.getByRole("button", { name: "Unload and wait at rest" }).click();
  await expect(read).toContainText("At rest:");
  await expect(page.getByRole("img", { name: "What was read beside the stand-in's true curve" })).toBeVisible();
  await page.getByRole("button", { name: "Go on to the form with these steps" }).click();
  const steps = page.getByRole("group", { name: "Steps of the ladder" });
  await expect(steps.getByLabel("Load 2, N")).toHaveValue(/^(2\.9\d*|3(\.0\d*)?)$/);
  await page.getByRole("button", { name: "Keep this test" }).click();
  await expect(page.getByText("its own way back")).toBeVisible();
});

test("a broken connection goes on with the very next reading", async ({ request }) => {
  const step = "/gauge/stream?cloth=swim-knit&form=strip&width=50&gauge=100&from=0&to=3&seed=7&speed=600";
  const whole = await (await request.get(step)).text();
  const rest = await (await request.get(step, { headers: { "Last-Event-ID": "199" } })).text();
  expect(whole).toContain("event: done");
  expect(rest.startsWith("id: 200\n")).toBe(true);
  expect(whole.endsWith(rest)).toBe(true);
  expect((await request.get("/gauge/stream?cloth=felt")).status()).toBe(400);
});

test("a gauge that does not answer is told, and its address is checked", async ({ page }) => {
  await page.goto("/settings");
  await page.getByLabel("Gauge").fill("somewhere");
  await page.getByRole("button", { name: "Save" }).click();
  await expect(page.getByText("Expected a serial device such as /dev/ttyUSB0")).toBeVisible();
  await page.getByLabel("Gauge").fill("tcp://127.0.0.1:1");
  await page.getByRole("button", { name: "Save" }).click();
  // Its message goes once it is saved.
  await expect(page.getByText("Expected a serial device such as /dev/ttyUSB0")).toHaveCount(0);
  await page.goto("/cloths/2/tests/live");
  await page.getByRole("radio", { name: "the gauge of the settings" }).check();
  await page.getByRole("button", { name: "Clamp the swatch" }).click();
  await page.getByRole("button", { name: /^Hold load 1/ }).click();
  await expect(page.getByText("The gauge cannot be reached.")).toBeVisible();
});

test("layers are put together, and the one that gives out first is named", async ({ page }) => {
  await page.goto("/layups/1");
  await expect(page.getByText(/Usable stretch 46\.\d %, set by 3\. Sable power net/)).toBeVisible();
  await page.goto("/layups/new");
  await page.getByLabel("Name").fill("Brief front");
  await page.getByLabel("1. cloth, outermost").fill("Heron cotton jersey");
  await page.getByRole("button", { name: "Keep this layup" }).click();
  await expect(page.getByText("Expected at least two layers, but there is one.")).toBeVisible();
  await page.getByLabel("2. cloth").fill("Chalk batiste");
  await page.getByRole("button", { name: "Keep this layup" }).click();
  await expect(page.getByText("No ladder was pulled of 2. Chalk batiste")).toBeVisible();
});

test("a cloth's tests are charted over time, and its newest new swatch counts", async ({ page }) => {
  await page.goto("/cloths/1");
  await expect(page.getByRole("img", { name: "Usable stretch and recovery across over time" })).toBeVisible();
  await expect(page.getByRole("row", { name: /^across.*28 Sep 2026/ })).toBeVisible();
  await expect(page.getByRole("list", { name: "All tests" })).toContainText("after wash 10");
});

test("a photo is kept by its content, and anything else is refused", async ({ page }) => {
  await page.goto("/cloths/3");
  await page.waitForLoadState("networkidle");
  const photo = page.getByRole("region", { name: "Photo" });
  const choose = photo.getByLabel("Choose a photo");
  await choose.setInputFiles({ name: "photo.jpg", mimeType: "image/jpeg", buffer: Buffer.from("<svg></svg>") });
  await photo.getByRole("button", { name: "Keep this photo" }).click();
  await expect(photo.getByText("Expected a JPEG or PNG picture, but the file is neither.")).toBeVisible();
  await choose.setInputFiles({
    name: "photo.png",
    mimeType: "image/png",
    buffer: await page.screenshot({ clip: { x: 0, y: 0, width: 60, height: 40 } }),
  });
  await photo.getByRole("button", { name: "Keep this photo" }).click();
  await expect(photo.getByRole("img", { name: "Foam swim lining" })).toBeVisible();
  await photo.getByRole("button", { name: "Take it off" }).click();
  await expect(photo.getByRole("img")).toHaveCount(0);
});
