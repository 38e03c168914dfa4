import { getDocument } from "pdfjs-dist/legacy/build/pdf.mjs";
import { beforeAll, describe, expect, it } from "vitest";
import { nameOf, placesOf } from "../core/body/index.ts";
import type { Store } from "../data/store.ts";
import { demoInMemory } from "../data/testing/index.ts";
import { ORIGIN, run } from "./testing/routeModules.ts";

let store: Store;
beforeAll(async () => {
  store = await demoInMemory();
  return () => store.close();
});

/** A word on a page, points from its lower left corner. */
interface Word {
  readonly text: string;
  readonly x: number;
  readonly y: number;
}

interface ReadPage {
  readonly width: number;
  readonly height: number;
  readonly words: readonly Word[];
}

/** Reads a PDF back with a program that did not write it. */
async function readBack(address: string, headers: Record<string, string> = {}): Promise<ReadPage[]> {
  const answer = (await run("loader", store, new Request(new URL(address, ORIGIN), { headers }))) as Response;
  expect(answer.headers.get("Content-Type")).toBe("application/pdf");
  const document = await getDocument({ data: await answer.bytes(), verbosity: 0 }).promise;
  const pages: ReadPage[] = [];
  for (let number = 1; number <= document.numPages; number += 1) {
    const page = await document.getPage(number);
    const [, , width = 0, height = 0] = page.view;
    const { items } = await page.getTextContent();
    const words = items.flatMap((item) =>
      "str" in item && item.str.trim() !== "" ? [{ text: item.str, x: item.transform[4], y: item.transform[5] }] : [],
    );
    pages.push({ width, height, words });
  }
  return pages;
}

const textOf = (pages: readonly ReadPage[]): string =>
  pages.flatMap(({ words }) => words.map(({ text }) => text)).join(" ");

const MM = 72 / 25.4;

describe.each([
  ["/wearers/1/sheets/blank?job=1", 210, 297],
  ["/wearers/1/sheets/blank?paper=letter", 215.9, 279.4],
  ["/jobs/1/record/pdf", 210, 297],
  ["/jobs/7/record/pdf", 210, 297],
  ["/jobs/8/changes/pdf", 210, 297],
] as const)("%s read back", (address, widthMm, heightMm) => {
  it("is on its paper, page by page, with every word on it", async () => {
    for (const { width, height, words } of await readBack(address)) {
      expect(width / MM).toBeCloseTo(widthMm, 0);
      expect(height / MM).toBeCloseTo(heightMm, 0);
      expect(words.length).toBeGreaterThan(0);
      for (const { text, x, y } of words) {
        expect(x, text).toBeGreaterThan(0);
        expect(x, text).toBeLessThan(width);
        expect(y, text).toBeGreaterThan(0);
        expect(y, text).toBeLessThan(height);
      }
    }
  });

  it("holds no number that is none, and no sign its typeface lacks", async () => {
    expect(textOf(await readBack(address))).not.toMatch(/NaN|undefined|null|\[object|\uFFFD/);
  });
});

describe("a blank sheet", () => {
  it("asks for every measure of the job, in measuring order", async () => {
    const job = await store.jobs.find(1);
    const style = job && (await store.styles.find(job.styleId));
    const text = textOf(await readBack("/wearers/1/sheets/blank?job=1"));
    const places = placesOf(style?.measures ?? []).map(({ code, side }) => text.indexOf(nameOf(code, side)));
    expect(places.length).toBeGreaterThan(4);
    expect(places).not.toContain(-1);
    expect(places).toEqual(places.toSorted((a, b) => a - b));
  });
});

describe("a fitting record", () => {
  it("names job, wearer and workshop, each prototype, and what was found and done", async () => {
    const text = textOf(await readBack("/jobs/1/record/pdf"));
    for (const words of [
      "High-waisted brief",
      "Ilva Thornbeck",
      "Old Dye House",
      "Prototype 1",
      "Prototype 2",
      "24 mm",
    ])
      expect(text).toContain(words);
  });

  it("is in inches, on letter paper, for a maker in inches", async () => {
    const asked = { Cookie: "stenz_unit=ImluIg==" };
    const [first] = await readBack("/jobs/1/record/pdf", asked);
    expect((first?.width ?? 0) / MM).toBeCloseTo(215.9, 0);
    expect(textOf(await readBack("/jobs/1/record/pdf", asked))).toMatch(/15\/16|\bin\b/);
  });
});

describe("a cutting table", () => {
  it("has a line for every change that is to be cut, by how much and where", async () => {
    const text = textOf(await readBack("/jobs/8/changes/pdf"));
    expect(text).toContain("prototype 4");
    const prototypes = await store.prototypes.ofJob(8);
    const fittings = await store.fittings.ofPrototypes(prototypes.map(({ id }) => id));
    const waiting = fittings
      .flatMap(({ findings }) => findings)
      .flatMap(({ change }) => (change && change.cutInto === null && change.amountMm !== null ? [change] : []));
    expect(waiting.length).toBeGreaterThan(0);
    for (const { pieces } of waiting) expect(text.toLowerCase()).toContain(pieces.split(",")[0]?.toLowerCase() ?? "?");
  });
});
