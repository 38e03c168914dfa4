import { chromium, type Page } from "@playwright/test";
import { startDemo } from "../../e2e/server.ts";
import config from "../../playwright.config.ts";
import { ensureChromium } from "../chromium.mjs";
import { type Figures, quantile } from "./report.ts";

/** One frame at sixty a second. */
const FRAME_MS = 16;

/** What is longer than this has hung: it is named, and the group ends with it, ms. */
const LONGEST_MS = 10_000;

/** A field that is typed into over and over, and what has to follow it on the page. */
interface Typed {
  readonly name: string;
  readonly address: string;
  /** The field's `id`. */
  readonly field: string;
  /** The first number that is typed; the next ones are each one more, `numbers` of them in turn. */
  readonly from: number;
  readonly numbers: number;
  readonly follows: string;
  /** Which attribute or property of it. */
  readonly by: "d" | "value";
}

/** Pieces are drawn anew with every rule; their lists come in the moment after. */
const PIECES = { numbers: 20, by: "d" } as const;

const TYPED: readonly Typed[] = [
  {
    ...{ name: "what-if", address: "/jobs/4/ease?zone=waist", field: "what-if-strain", from: 5, numbers: 30 },
    ...{ follows: "#what-if-garment", by: "value" },
  },
  {
    ...{ ...PIECES, name: "brief redrawn", address: "/jobs/2/pieces", field: "field-leg_raise", from: 10 },
    follows: "path.ground",
  },
  {
    ...{ ...PIECES, name: "one-piece redrawn", address: "/jobs/4/pieces", field: "field-neck_depth", from: 110 },
    follows: "path.ground",
  },
  {
    ...{ ...PIECES, name: "corset with levels and panels", address: "/jobs/10/corset", field: "field-offMm", from: 40 },
    follows: "path.closed-garment",
  },
];

/** How long pages take in the browser from a typed number until what follows from it stands there. */
export async function* figures(): Figures {
  if (ensureChromium() === null) throw new Error("Expected Chromium, but there is none: nothing is typed.");
  const demo = await startDemo();
  const browser = await chromium.launch(config.use?.launchOptions);
  try {
    const address = await demo.open();
    for (const typed of TYPED) {
      const page = await browser.newPage();
      // Source that runs without being built gives functions their names through a helper, which the page lacks.
      await page.addInitScript("globalThis.__name = (named) => named");
      await page.goto(address + typed.address);
      // What is typed before the page's script listens is followed by nothing.
      await page.locator("body[data-hydrated]").waitFor({ state: "attached" });
      const samples = await typeOverAndOver(page, typed);
      const name = `${typed.name} in the browser, typed to shown`;
      yield { name: `${name}, median`, value: quantile(samples, 0.5), unit: "ms", under: FRAME_MS };
      yield { name: `${name}, 95 of 100`, value: quantile(samples, 0.95), unit: "ms", under: FRAME_MS };
      await page.close();
    }
  } finally {
    await browser.close();
    await demo.stop();
  }
}

/** @returns a sample for each number that was typed, ms. @throws where nothing follows. */
const typeOverAndOver = (page: Page, typed: Typed): Promise<number[]> =>
  page.evaluate(
    async ({ field: id, from, numbers, follows, by, longest }) => {
      const field = document.getElementById(id);
      if (!field) throw new Error(`Expected a field “${id}”, but the page has none.`);
      const put = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value")?.set;
      const shown = () => {
        const element = document.querySelector(follows);
        return by === "value" ? (element as HTMLInputElement | null)?.value : element?.getAttribute(by);
      };
      const samples: number[] = [];
      for (let round = 0; round < 100; round += 1) {
        const before = shown();
        const start = performance.now();
        put?.call(field, String(from + (round % numbers)));
        field.dispatchEvent(new Event("input", { bubbles: true }));
        while (shown() === before) {
          if (performance.now() - start > longest)
            throw new Error(`Expected “${follows}” to follow ${from + (round % numbers)}, but nothing came of it.`);
          await new Promise((resolve) => setTimeout(resolve, 0));
        }
        // The first rounds warm the page up.
        if (round >= 20) samples.push(performance.now() - start);
      }
      return samples;
    },
    { ...typed, longest: LONGEST_MS },
  );
