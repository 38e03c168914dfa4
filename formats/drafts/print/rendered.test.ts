import { spawnSync } from "node:child_process";
import { mkdtempSync, readFileSync, rmSync } from "node:fs";
import { writeFile } from "node:fs/promises";
import { tmpdir } from "node:os";
import { join } from "node:path";
import sharp from "sharp";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { BRIEF_FACTS, sampleDraft } from "../../../core/testing/index.ts";
import { ensurePoppler } from "../../../scripts/poppler.mjs";
import { draftPdf } from "./draftPdf.ts";
import { PIECE_FORMATS } from "./papers.ts";

/** Dots on an inch: a dot is 0.127 mm. */
const DPI = 200;
const mm = (dots: number) => (dots * 25.4) / DPI;

let folder: string;
let file: string;
beforeAll(async () => {
  expect(ensurePoppler(), "pdftoppm of poppler-utils").not.toBeNull();
  folder = mkdtempSync(join(tmpdir(), "stenz-pdf-"));
  file = join(folder, "pieces.pdf");
  const [a4] = PIECE_FORMATS;
  if (!a4) throw new Error("There is no paper.");
  const { stream } = draftPdf(sampleDraft("brief", BRIEF_FACTS), { title: "Brief", format: a4 });
  await writeFile(file, stream);
}, 300_000);
afterAll(() => rmSync(folder, { recursive: true, force: true }));

/** Runs one of poppler's programs. */
function poppler(program: string, ...words: readonly string[]): string {
  const { status, stdout, stderr } = spawnSync(join("/usr/bin", program), words, { encoding: "utf8" });
  expect(status, stderr).toBe(0);
  return stdout;
}

/** A page as poppler draws it: true where a dot is dark. */
async function rendered(page: number) {
  const out = join(folder, `page-${page}`);
  poppler(
    "pdftoppm",
    "-r",
    String(DPI),
    "-gray",
    "-png",
    "-f",
    String(page),
    "-l",
    String(page),
    "-singlefile",
    file,
    out,
  );
  const { data, info } = await sharp(readFileSync(`${out}.png`))
    .greyscale()
    .raw()
    .toBuffer({ resolveWithObject: true });
  return {
    ...{ width: info.width, height: info.height },
    dark: (x: number, y: number) => (data[y * info.width * info.channels + x * info.channels] ?? 255) < 128,
  };
}

describe("a print, drawn by a program that did not write it", () => {
  it("has pages of A4 in every box", () => {
    const told = poppler("pdfinfo", "-box", "-l", "3", file);
    expect(told).toMatch(/Page +1 size: +595\.\d+ x 841\.\d+ pts/);
    for (const box of ["MediaBox", "CropBox"])
      expect(told).toMatch(new RegExp(`Page +1 ${box}: +0\\.00 +0\\.00 +595\\.\\d+ +841\\.\\d+`));
  });

  it("has both squares at their size, to half a millimetre, wide and high", async () => {
    const page = await rendered(1);
    // Below the words beside it, the first square's two sides are the only dark dots of a row within it.
    const sides = (length: number, dark: (at: number) => boolean) =>
      Array.from({ length }, (_, at) => at).filter((at) => dark(at));
    for (const [fromMm, sizeMm] of [
      [30, 100],
      [138, 101.6],
    ] as const) {
      const row = Math.round(((fromMm + sizeMm * 0.75) * DPI) / 25.4);
      const across = sides(Math.round((115 * DPI) / 25.4), (x) => page.dark(x, row));
      expect(Math.abs(mm((across.at(-1) ?? 0) - (across[0] ?? 0)) - sizeMm)).toBeLessThan(0.5);
      const column = Math.round(((10 + sizeMm * 0.95) * DPI) / 25.4);
      const down = sides(
        Math.round(((fromMm + sizeMm + 3) * DPI) / 25.4),
        (y) => y > ((fromMm - 3) * DPI) / 25.4 && page.dark(column, y),
      );
      expect(Math.abs(mm((down.at(-1) ?? 0) - (down[0] ?? 0)) - sizeMm)).toBeLessThan(0.5);
    }
  });

  it("draws something on every paper after it", async () => {
    const pages = Number(/Pages: +(\d+)/.exec(poppler("pdfinfo", file))?.[1]);
    expect(pages).toBeGreaterThan(3);
    const page = await rendered(pages);
    let dark = 0;
    for (let y = 0; y < page.height; y += 1) for (let x = 0; x < page.width; x += 1) if (page.dark(x, y)) dark += 1;
    expect(dark).toBeGreaterThan(500);
  });
});
