import { form } from "./fittingSteps.ts";
import { another, makeCode, share, WORDS } from "./sharing.ts";
import { expect, expectAccessible, test } from "./test.ts";

test("a second browser is paired by a code and fits with it; sent away it is let in no more", async ({
  page,
  browser,
}) => {
  test.setTimeout(90_000);
  const address = await share(page);
  const context = await another(browser);
  const tablet = await context.newPage();
  await tablet.goto(`${address}jobs/10`);
  await expect(tablet.getByRole("heading", { name: "Let this device in" })).toBeVisible();
  await expect(tablet.getByText("Wearers")).toHaveCount(0);
  await expectAccessible(tablet);

  const code = await makeCode(page, /fittings of chosen jobs/, /^Underbust for the stage/);
  await tablet.getByLabel("Six digits").fill(code === "111111" ? "222222" : "111111");
  await tablet.getByLabel("Name of this device").fill("Tablet by the mirror");
  await tablet.getByRole("button", { name: "Let it in" }).click();
  await expect(tablet.getByText(/This is not the code/)).toBeVisible();
  // As the picture brings it.
  await tablet.goto(`${address}sign-in#${code}`);
  await expect(tablet.getByLabel("Six digits")).toHaveValue(code);
  await tablet.getByLabel("Name of this device").fill("Tablet by the mirror");
  await tablet.getByRole("button", { name: "Let it in" }).click();
  await expect(tablet.getByText("Tablet by the mirror: fittings only")).toBeVisible();
  // It took the certificate for what it is without trusting it: that is not enough to go on without a network.
  await expect(tablet.getByText("Its browser does not trust this address: it keeps no pages")).toBeVisible();
  await expectAccessible(tablet);
  await expect(page.getByText("Tablet by the mirror")).toBeVisible({ timeout: 15_000 });

  await tablet.getByRole("link", { name: /^Prototype/ }).click();
  await tablet.getByRole("button", { name: "Put a finding by name" }).click();
  await form(tablet).getByRole("radio", { name: "lacing", exact: true }).check();
  await form(tablet).getByRole("radio", { name: "both sides" }).check();
  await form(tablet).getByRole("radio", { name: "lacing gap not parallel", exact: true }).check();
  for (const [name, mm] of Object.entries({ top: "70", waist: "50", bottom: "50" }))
    await form(tablet).getByLabel(`Gap at the ${name}`, { exact: true }).fill(mm);
  await form(tablet).getByLabel("Gap wanted", { exact: true }).fill("50");
  await form(tablet).getByRole("button", { name: "Put it on the record" }).click();
  await expect(tablet.getByRole("article", { name: "Finding 1" })).toBeVisible();
  // What it is not for, it is told.
  await tablet.goto(`${address}wearers`);
  await expect(tablet.getByText("This device is for fittings only: this page is not for it.")).toBeVisible();
  await tablet.goto(`${address}jobs/1`);
  await expect(tablet.getByText("This device is for fittings of other jobs.")).toBeVisible();

  await page.getByRole("button", { name: "Send Tablet by the mirror away" }).click();
  await expect(page.getByText("No device yet")).toBeVisible();
  await tablet.goto(`${address}fittings`);
  await expect(tablet.getByRole("heading", { name: "Let this device in" })).toBeVisible();
  await context.close();
});

test("a device that may only look changes nothing; the passphrase lets one in without a code", async ({
  page,
  browser,
}) => {
  const address = await share(page);
  const context = await another(browser);
  const phone = await context.newPage();
  await phone.goto(address);
  await phone.getByRole("button", { name: "By the passphrase instead" }).click();
  await phone.getByLabel("Passphrase").fill("not the words");
  await phone.getByLabel("Name of this device").fill("Phone");
  await phone.getByRole("button", { name: "Let it in" }).click();
  await expect(phone.getByText("This is not the passphrase of this workshop.")).toBeVisible();
  await phone.getByLabel("Passphrase").fill(WORDS);
  await phone.getByRole("button", { name: "Let it in" }).click();
  await expect(phone.getByText("Phone: the whole workshop")).toBeVisible();

  await page.goto("/settings/devices");
  await page.getByRole("button", { name: "Change" }).click();
  await page.getByRole("radio", { name: "only look" }).first().check();
  await page.getByRole("button", { name: "Keep the change" }).click();
  await expect(page.getByText(/only look; here last/)).toBeVisible();

  await phone.goto(`${address}wearers/1`);
  await expect(phone.getByText("Phone: may look, not change")).toBeVisible();
  await phone.goto(`${address}wearers/1/erase`);
  await expect(phone.getByText("This device may look, not change: this page is not for it.")).toBeVisible();
  await phone.goto(address);
  await phone.getByRole("button", { name: "Sign out" }).click();
  await expect(phone.getByRole("heading", { name: "Let this device in" })).toBeVisible();
  await context.close();
});

test("a backup is taken by hand, shown beside what there is now, and restored", async ({ page }) => {
  await page.goto("/settings/backups");
  await page.getByRole("button", { name: "Back up now" }).click();
  await expect(page.getByRole("table", { name: "Backups" }).getByRole("row")).toHaveCount(2);
  await expectAccessible(page);
  await page.goto("/wearers/new");
  await page.getByLabel(/^Name/).fill("Came Later");
  await page.getByRole("button", { name: "Add wearer" }).click();
  await expect(page.getByRole("heading", { name: "Came Later" })).toBeVisible();

  await page.goto("/settings/backups");
  await page.getByRole("link", { name: "Look, restore" }).click();
  const change = page.getByRole("table", { name: "What would change" });
  await expect(change.getByRole("row", { name: /^Wearers/ })).toContainText("−1");
  await expectAccessible(page);
  await page.getByRole("button", { name: "Restore this backup" }).click();
  await expect(page.getByText(/Expected your word/)).toBeVisible();
  await page.getByLabel(/gives way to this one/).check();
  await page.getByRole("button", { name: "Restore this backup" }).click();
  await expect(page.getByText(/What was there before is kept aside as demo-aside-/)).toBeVisible();
  await page.goto("/wearers?q=Came+Later");
  await expect(page.getByText("Nothing found")).toBeVisible();
});

test("somebody measures themselves by a link, at a telephone's width, and the sheet comes in", async ({
  page,
  browser,
}) => {
  await share(page);
  await page.goto("/jobs/1/body");
  await page.getByRole("button", { name: "Make a link" }).click();
  const own = page.getByRole("region", { name: "They measure themselves" });
  const link = (await own.getByRole("status").textContent()) ?? "";
  const context = await browser.newContext({ ignoreHTTPSErrors: true, viewport: { width: 390, height: 844 } });
  const phone = await context.newPage();
  await phone.goto(link);
  await expect(phone.getByRole("heading", { name: "Measure yourself" })).toBeVisible();
  await expect(phone.getByText("Wenna")).toHaveCount(0);
  await expectAccessible(phone);
  await phone.getByLabel("Waist", { exact: true }).first().fill("lots");
  await phone.getByRole("button", { name: "Send my measures" }).click();
  await expect(phone.getByText(/Expected a length/).first()).toBeVisible();
  await phone.getByLabel("Waist", { exact: true }).first().fill("71.5");
  await phone.getByRole("button", { name: "Send my measures" }).click();
  await expect(phone.getByText("Your measures have come.")).toBeVisible();
  await phone.reload();
  await expect(phone.getByText("Your measures have come.")).toBeVisible();
  await context.close();
  await page.reload();
  await expect(page.getByText("Other sheets")).toBeVisible();
});
