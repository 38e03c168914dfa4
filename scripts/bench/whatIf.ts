import { chromium } from "@playwright/test";
import { startDemo } from "../../e2e/server.ts";
import config from "../../playwright.config.ts";
import { type Figure, quantile } from "./report.ts";

/** One frame at sixty a second. */
const FRAME_MS = 16;

/** How long the what-if takes in the browser from a typed number until the other four stand on the page. */
export async function whatIfFigures(): Promise<Figure[]> {
  const demo = await startDemo();
  const browser = await chromium.launch(config.use?.launchOptions);
  try {
    const address = await demo.open();
    const page = await browser.newPage();
    // Source that runs without being built gives functions their names through a helper, which the page lacks.
    await page.addInitScript("globalThis.__name = (named) => named");
    await page.goto(`${address}/jobs/4/ease?zone=waist`, { waitUntil: "networkidle" });
    const samples = await page.evaluate(typeOverAndOver);
    return [
      {
        name: "what-if in the browser, typed to shown, median",
        value: quantile(samples, 0.5),
        unit: "ms",
        under: FRAME_MS,
      },
      { name: "what-if in the browser, 95 of 100", value: quantile(samples, 0.95), unit: "ms", under: FRAME_MS },
    ];
  } finally {
    await browser.close();
    await demo.stop();
  }
}

/** Runs in the page: types strains and waits each time until the garment's field has followed. */
async function typeOverAndOver(): Promise<number[]> {
  const field = (id: string) => document.getElementById(`what-if-${id}`) as HTMLInputElement;
  const put = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value")?.set;
  const samples: number[] = [];
  for (let round = 0; round < 120; round += 1) {
    const before = field("garment").value;
    const from = performance.now();
    put?.call(field("strain"), String(5 + (round % 30)));
    field("strain").dispatchEvent(new Event("input", { bubbles: true }));
    while (field("garment").value === before) await new Promise((resolve) => setTimeout(resolve, 0));
    // The first rounds warm the page up.
    if (round >= 20) samples.push(performance.now() - from);
  }
  return samples;
}
