import type { Page } from "@playwright/test";

/** The demo's job at its first fitting, whose prototype is open. */
export const FITTING = "/jobs/2/prototypes/1/fitting";

/** Taps the figure of a fitting at a part of its width and height. */
export async function tap(page: Page, view: "front" | "side" | "back", x: number, y: number) {
  await page.getByRole("button", { name: new RegExp(`^Turn to the ${view}`) }).click();
  const figure = page.getByRole("img", { name: new RegExp(`^Findings, ${view}`) });
  const box = await figure.boundingBox();
  if (!box) throw new Error("The figure is on the page.");
  await figure.click({ position: { x: x * box.width, y: y * box.height } });
}

/** The form of a finding that is about to be put. */
export const form = (page: Page) => page.getByRole("region", { name: "New finding" });
