import { expect, test } from "./test.ts";

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

test("the dark scheme is chosen in one place, and stays", async ({ page }) => {
  await page.goto("/");
  const ground = () => page.evaluate(() => getComputedStyle(document.body).backgroundColor);
  const light = await ground();
  await page.getByRole("button", { name: "Dark scheme" }).click();
  await page.reload();
  await expect(page.getByRole("button", { name: "Light scheme" })).toBeVisible();
  expect(await ground()).not.toBe(light);
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
