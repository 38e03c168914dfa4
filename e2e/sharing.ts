import type { Browser, Page } from "@playwright/test";
import { expect } from "./test.ts";

/** The passphrase of these workshops. */
export const WORDS = "three plain words";

/** Shares the workshop with a passphrase, as one does at the machine. By TLS with a certificate made here, or as told. @returns the address it stands at on the network. */
export async function share(page: Page, tls?: string): Promise<string> {
  await page.goto("/settings/sharing");
  await page.getByLabel("Passphrase").fill(WORDS);
  await page.getByLabel("Once more").fill("three plain swords");
  await page.getByRole("button", { name: "Set the passphrase" }).click();
  await expect(page.getByText("Expected the same passphrase as above.")).toBeVisible();
  await page.getByLabel("Passphrase").fill(WORDS);
  await page.getByLabel("Once more").fill(WORDS);
  await page.getByRole("button", { name: "Set the passphrase" }).click();
  await expect(page.getByText("One is set.")).toBeVisible();
  await page.getByRole("radio", { name: "with paired devices" }).check();
  if (tls) await page.getByRole("radio", { name: tls }).check();
  await page.getByRole("button", { name: "Keep it so" }).click();
  const standing = page.getByRole("region", { name: "Shared now" });
  await expect(standing).toContainText(tls ? "it can be overheard" : /[0-9A-F]{2}( [0-9A-F]{2}){31}/);
  const [address] = /https?:\/\/\S+?\//.exec((await standing.textContent()) ?? "") ?? [];
  return address ?? "";
}

/** A second browser, of somebody who took the certificate for what it is. */
export const another = (browser: Browser) =>
  browser.newContext({ ignoreHTTPSErrors: true, viewport: { width: 820, height: 1180 } });

/** Has a code made at the machine, by what the device may do. */
export async function makeCode(page: Page, role: RegExp, job?: RegExp): Promise<string> {
  await page.goto("/settings/devices");
  await page.getByRole("radio", { name: role }).check();
  if (job) await page.getByRole("checkbox", { name: job }).check();
  await page.getByRole("button", { name: "Make a code" }).click();
  const code = page.getByRole("region", { name: "Code for a device" });
  await expect(code.getByRole("img")).toBeVisible();
  return ((await code.getByRole("status").textContent()) ?? "").replaceAll(" ", "");
}
