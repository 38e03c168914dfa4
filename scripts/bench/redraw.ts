import { chromium } from "@playwright/test";
import { startDemo } from "../../e2e/server.ts";
import config from "../../playwright.config.ts";
import { type Figure, quantile } from "./report.ts";

/** One frame at sixty a second. */
const FRAME_MS = 16;

/** Pages of pieces with an option that is typed, and the amounts it goes through. */
const TYPED = [
  { name: "brief", address: "/jobs/1/pieces", option: "leg_raise", from: 10, shape: "path.ground" },
  { name: "one-piece", address: "/jobs/4/pieces", option: "neck_depth", from: 110, shape: "path.ground" },
  {
    name: "corset with levels and panels",
    address: "/jobs/10/corset",
    option: "offMm",
    from: 40,
    shape: "path.closed-garment",
  },
] as const;

/** How long pieces take in the browser from a typed option until they are drawn anew with every rule; the lists come in the moment after. */
export async function redrawFigures(): Promise<Figure[]> {
  const demo = await startDemo();
  const browser = await chromium.launch(config.use?.launchOptions);
  try {
    const address = await demo.open();
    const figures: Figure[] = [];
    for (const { name, address: at, option, from, shape } of TYPED) {
      const page = await browser.newPage();
      await page.addInitScript("globalThis.__name = (named) => named");
      await page.goto(address + at, { waitUntil: "networkidle" });
      const samples = await page.evaluate(typeOverAndOver, { option, from, shape });
      figures.push({
        ...{ name: `${name} redrawn in the browser, typed to shown, median` },
        ...{ value: quantile(samples, 0.5), unit: "ms", under: FRAME_MS },
      });
      await page.close();
    }
    return figures;
  } finally {
    await browser.close();
    await demo.stop();
  }
}

/** Runs in the page: types amounts and waits each time until the outline of a piece has followed. */
async function typeOverAndOver({
  option,
  from,
  shape,
}: {
  option: string;
  from: number;
  shape: string;
}): Promise<number[]> {
  const field = document.getElementById(`field-${option}`) as HTMLInputElement;
  const put = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value")?.set;
  const drawn = () => document.querySelector(shape)?.getAttribute("d");
  const samples: number[] = [];
  for (let round = 0; round < 80; round += 1) {
    const before = drawn();
    const start = performance.now();
    put?.call(field, String(from + (round % 20)));
    field.dispatchEvent(new Event("input", { bubbles: true }));
    while (drawn() === before) await new Promise((resolve) => setTimeout(resolve, 0));
    if (round >= 20) samples.push(performance.now() - start);
  }
  return samples;
}
