import { join } from "node:path";
import { chromium } from "@playwright/test";
import { startDemo } from "../../e2e/server.ts";
import config from "../../playwright.config.ts";
import { printedPage } from "./printedPage.ts";
import { VIEWS } from "./views.ts";

const folder = join(import.meta.dirname, "../../docs/screenshots");

const demo = await startDemo();
const origin = await demo.open();
const browser = await chromium.launch(config.use?.launchOptions);
try {
  for (const { name, address, width = 1280, dark = false, prepare } of VIEWS) {
    const page = await browser.newPage({ viewport: { width, height: width > 1000 ? 800 : 1100 }, locale: "en-GB" });
    // Nothing may move while the picture is taken.
    await page.emulateMedia({ reducedMotion: "reduce" });
    await page.goto(origin + address, { waitUntil: "networkidle" });
    // What is focused before the page is alive is scrolled away from when it wakes.
    await page.locator("body[data-hydrated]").waitFor({ state: "attached" });
    if (dark) await page.getByRole("button", { name: "Dark scheme" }).click();
    await prepare?.(page);
    await page.waitForTimeout(300);
    await page.screenshot({ path: join(folder, `${name}.png`) });
    await page.close();
    console.log(`docs/screenshots/${name}.png`);
  }
  await printedPage(`${origin}/jobs/1/pieces/briefPieces/pdf?paper=a4`, join(folder, "printed-page.png"));
  console.log("docs/screenshots/printed-page.png");
} finally {
  await browser.close();
  await demo.stop();
}
