import { readFileSync } from "node:fs";
import type { Locator, Page } from "@playwright/test";

/** The first letters of a file that a press gives. */
export async function begins(page: Page, pressed: Locator, letters: number): Promise<string> {
  const download = page.waitForEvent("download");
  await pressed.click();
  return readFileSync(await (await download).path(), "latin1").slice(0, letters);
}
