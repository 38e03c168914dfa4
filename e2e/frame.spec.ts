import { expect, expectAccessible, test } from "./test.ts";

/** Screens about people and cloth, and screens of the work, so that each half is looked at on its own. */
const SHELF = [
  "/",
  "/wearers",
  "/wearers/1",
  "/wearers/1/sheets/new",
  "/wearers/1/compare",
  "/wearers/1/sheets/import",
  "/wearers/1/garments",
  "/wearers/1/garments/new",
  "/wearers/1/erase",
  "/sheets/3",
  "/cloths",
  "/cloths/1",
  "/cloths/1/tests/new",
  "/cloths/1/tests/live",
  "/tests/1",
  "/layups",
  "/layups/1",
  "/layups/new",
];
const WORK = [
  "/settings",
  "/settings/ease",
  "/styles",
  "/styles/1",
  "/charts",
  "/charts/1",
  "/charts/new",
  "/charts/import",
  "/garments/1",
  "/jobs/new",
  "/jobs/1",
  "/jobs/1/body",
  "/jobs/1/cloth",
  "/jobs/1/ease",
  "/jobs/3",
  "/jobs/4/cloth",
  "/jobs/4/ease",
  "/jobs/4/pattern",
  "/care",
];
const FITTINGS = [
  "/jobs/1/prototypes",
  "/jobs/1/prototypes/1",
  "/jobs/1/prototypes/2",
  "/jobs/1/prototypes/2/fitting",
  "/jobs/7/prototypes/2/fitting",
  "/jobs/8/changes",
  "/jobs/7/zones",
  "/jobs/7/compare",
  "/jobs/7/history",
  "/jobs/1/sign-off",
  "/jobs/7/sign-off",
  "/jobs/import",
  "/findings",
];
const SCREENS = [...SHELF, ...WORK, ...FITTINGS];
const DARK = [
  "/",
  "/cloths/1",
  "/cloths/1/tests/new",
  "/cloths/1/tests/live",
  "/tests/1",
  "/layups",
  "/layups/1",
  "/settings/ease",
  "/charts/1",
  "/wearers/1/garments",
  "/jobs/4/ease",
  "/jobs/4/pattern",
  "/jobs/1/prototypes/2/fitting",
  "/jobs/8/changes",
  "/jobs/7/zones",
  "/findings",
];

for (const [name, screens] of [
  ["of people and cloth", SHELF],
  ["of the work", WORK],
  ["of fittings", FITTINGS],
] as const) {
  test(`every main screen ${name} is accessible, with a clean console`, async ({ page }) => {
    test.setTimeout(420_000);
    for (const screen of screens) {
      await page.goto(screen);
      await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
      await expectAccessible(page);
    }
  });
}

test("the main screens are accessible in the dark scheme", async ({ page }) => {
  test.setTimeout(420_000);
  await page.goto("/");
  await page.getByRole("button", { name: "Dark scheme" }).click();
  for (const screen of DARK) {
    await page.goto(screen);
    await expectAccessible(page);
  }
});

test("no function is lost on a small screen", async ({ page }) => {
  test.setTimeout(300_000);
  await page.setViewportSize({ width: 820, height: 1100 });
  for (const screen of SCREENS) {
    await page.goto(screen);
    const wider = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    expect(wider, `${screen} is wider than the screen`).toBeLessThanOrEqual(0);
  }
});

test("what does not exist is a 404 page, and a word of it", async ({ page }) => {
  for (const [address, words] of [
    ["/jobs/999", "There is no such job."],
    ["/wearers/abc", "There is no such wearer."],
    ["/jobs/1/prototypes/7", "There is no such prototype."],
    ["/nowhere", "There is no such page."],
  ] as const) {
    const response = await page.goto(address);
    expect(response?.status()).toBe(404);
    await expect(page.getByRole("heading", { level: 1 })).toHaveText(words);
  }
});

test("lengths switch between centimetres and inches in one place", async ({ page }) => {
  await page.goto("/jobs/1/ease");
  await page.getByRole("button", { name: "Lengths in cm; show in" }).click();
  await expect(page.getByRole("region", { name: "Waist" }).getByRole("row", { name: /Garment girth/ })).toContainText(
    "25 3/4",
  );
  await page.reload();
  await expect(page.getByRole("button", { name: "Lengths in in; show cm" })).toBeVisible();
});

test("the keyboard alone opens places, steps and formulas", async ({ page }) => {
  await page.goto("/jobs/1");
  await page.keyboard.press("4");
  await expect(page).toHaveURL(/\/jobs\/1\/ease$/);
  await page.getByRole("button", { name: /Waist, body: show the formula/ }).focus();
  await page.keyboard.press("Enter");
  await expect(page.getByRole("dialog", { name: "Where this number comes from" })).toContainText("B = M − f");
  await page.keyboard.press("Escape");
  await page.keyboard.press("?");
  // The steps are those of this very job: a brief has a torso and no cups.
  await expect(page.getByRole("dialog", { name: "Keys" })).toContainText("torso of this job");
  await expect(page.getByRole("dialog", { name: "Keys" })).not.toContainText("cups of this job");
  await page.keyboard.press("Escape");
  await page.keyboard.press("t");
  await expect(page).toHaveURL(/\/jobs\/1\/torso$/);
  await page.keyboard.press("h");
  await expect(page).toHaveURL(/\/jobs\/1\/history$/);
  await page.keyboard.press("k");
  await expect(page).toHaveURL(/\/cloths$/);
});

test("Enter goes from measure to measure", async ({ page }) => {
  await page.goto("/wearers/2/sheets/new");
  await page.getByLabel("High hip", { exact: true }).fill("70");
  await page.keyboard.press("Enter");
  await expect(page.getByLabel("Hip", { exact: true })).toBeFocused();
  await expect(page.getByRole("img", { name: "Tape for Hip, front" })).toBeVisible();
});

test.describe("the server", () => {
  test("sends a policy without inline scripts and no name of its own", async ({ request }) => {
    const response = await request.get("/");
    const policy = response.headers()["content-security-policy"] ?? "";
    expect(policy).toMatch(/script-src 'self' 'nonce-[\w+/=]+'/);
    expect(policy.split(";").find((part) => part.startsWith("script-src"))).not.toContain("unsafe-inline");
    expect(response.headers()["x-powered-by"]).toBeUndefined();
    expect(response.headers()["x-content-type-options"]).toBe("nosniff");
  });

  test("refuses posts from other sites, names of other machines and oversized forms", async ({ request, demo }) => {
    const form = { name: "Intruder", kind: "person" };
    const foreign = await request.post("/wearers/new", { form, headers: { Origin: "http://elsewhere.example" } });
    expect(foreign.status()).toBe(403);
    const crossSite = await request.post("/wearers/new", {
      form,
      headers: { Origin: demo, "Sec-Fetch-Site": "cross-site" },
    });
    expect(crossSite.status()).toBe(403);
    const rebound = await request.get("/wearers", { headers: { Host: "elsewhere.example" } });
    expect(rebound.status()).toBe(421);
    const large = await request.post("/wearers/new", {
      form: { ...form, notes: "x".repeat(2_100_000) },
      headers: { Origin: demo },
    });
    expect(large.status()).toBe(413);
    expect(await (await request.get("/wearers")).text()).not.toContain("Intruder");
  });

  test("refuses an action on another job's finding", async ({ request, demo }) => {
    const theirs = { intent: "remove-finding", finding: "1" };
    const response = await request.post("/jobs/2/prototypes/1/fitting", { form: theirs, headers: { Origin: demo } });
    expect(response.status()).toBe(404);
  });
});
