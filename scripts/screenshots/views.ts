import type { Page } from "@playwright/test";

/** One picture of the README: where it is taken and what is done before. */
export interface View {
  readonly name: string;
  readonly address: string;
  readonly width?: number;
  readonly dark?: boolean;
  prepare?(page: Page): Promise<void>;
}

/** One current picture of each main view. */
export const VIEWS: readonly View[] = [
  { name: "bench", address: "/" },
  {
    name: "sheet",
    address: "/wearers/1/sheets/new?from=3",
    prepare: (page) => page.getByLabel("Hip", { exact: true }).focus(),
  },
  { name: "swatch-test", address: "/tests/12" },
  { name: "ease-plan", address: "/jobs/4/ease" },
  { name: "reduction", address: "/jobs/10/corset", prepare: scrollTo("What if") },
  { name: "lacing", address: "/jobs/10/wear", prepare: scrollTo("Gap, from mock-up to mock-up") },
  { name: "parts", address: "/jobs/4/parts" },
  { name: "pieces", address: "/jobs/4/pieces" },
  {
    name: "cup-pieces",
    address: "/jobs/5/pieces",
    prepare: async (page) => {
      await page.getByRole("table", { name: "Strain left, left" }).waitFor();
      await page.getByRole("heading", { name: "On the breast" }).evaluate((heading) => heading.scrollIntoView());
    },
  },
  {
    name: "why",
    address: "/jobs/1/ease",
    dark: true,
    prepare: async (page) => {
      await page.getByRole("button", { name: /^65.3 Waist, garment girth, share of stretch, chosen/ }).click();
      await page.getByRole("dialog", { name: "Where this number comes from" }).waitFor();
    },
  },
  {
    name: "layout",
    address: "/jobs/4/layout",
    prepare: async (page) => {
      await page.getByRole("button", { name: "Search a shorter one" }).click();
      await page.getByText(/layouts tried; the best is .*, \d+ mm shorter/).waitFor();
      await page.getByRole("button", { name: "Stop, and have the best so far" }).click();
    },
  },
  { name: "seams", address: "/jobs/2/seams" },
  { name: "sewing", address: "/jobs/2/sewing" },
  {
    name: "days",
    address: "/days",
    // The day of the demo's next fitting, whichever week it is.
    prepare: async (page) => {
      await page
        .getByRole("link", { name: /1 appointment/ })
        .first()
        .click();
      await page.getByRole("list", { name: "The day" }).waitFor();
    },
  },
  { name: "devices", address: "/settings/sharing", prepare: pairSomebody },
  { name: "restore", address: "/settings/backups", prepare: lookAtBackup },
  { name: "prototype", address: "/jobs/1/prototypes/2" },
  { name: "fitting", address: "/jobs/2/prototypes/1/fitting", prepare: findSomething },
];

/** Brings the part under a heading into view. */
function scrollTo(heading: string) {
  return (page: Page): Promise<void> =>
    page.getByRole("heading", { name: heading, exact: true }).evaluate((own) => own.scrollIntoView());
}

/** A tap at the back of the waist and what is seen there, not yet handed in. */
async function findSomething(page: Page): Promise<void> {
  await page.getByRole("button", { name: /^Turn to the back/ }).click();
  const figure = page.getByRole("img", { name: /^Findings, back/ });
  const box = await figure.boundingBox();
  if (!box) throw new Error("The figure is on the page.");
  await figure.click({ position: { x: 0.5 * box.width, y: 0.5 * box.height } });
  await page.getByRole("radio", { name: "tight", exact: true }).check();
}

/** The workshop shared, and a code made for a tablet at the fitting. */
async function pairSomebody(page: Page): Promise<void> {
  await page.getByLabel("Passphrase").fill("three plain words");
  await page.getByLabel("Once more").fill("three plain words");
  await page.getByRole("button", { name: "Set the passphrase" }).click();
  await page.getByText("One is set.").waitFor();
  await page.getByRole("radio", { name: "with paired devices" }).check();
  await page.getByRole("button", { name: "Keep it so" }).click();
  await page.getByRole("region", { name: "Shared now" }).waitFor();
  await page.getByRole("link", { name: "pair or send away" }).click();
  await page.getByRole("button", { name: "Make a code" }).click();
  await page.getByRole("region", { name: "Code for a device" }).getByRole("img").waitFor();
}

/** A backup of before a job was taken off, beside what there is now. */
async function lookAtBackup(page: Page): Promise<void> {
  await page.getByRole("button", { name: "Back up now" }).click();
  await page.getByRole("link", { name: "Look, restore" }).first().click();
  await page.getByRole("table").first().waitFor();
}
