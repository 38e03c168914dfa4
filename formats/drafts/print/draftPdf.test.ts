import { getDocument, OPS } from "pdfjs-dist/legacy/build/pdf.mjs";
import { beforeAll, describe, expect, it } from "vitest";
import { operate } from "../../../core/drafting/index.ts";
import { BRIEF_FACTS, draftOf, sampleDraft, samplePiece } from "../../../core/testing/index.ts";
import { LAYER_NAMES, LAYERS, type Layer } from "../layers.ts";
import { cuttingSheetPdf } from "./cuttingSheet.ts";
import { draftPdf } from "./draftPdf.ts";
import { PIECE_FORMATS, type PieceFormat } from "./papers.ts";
import { POINTS_PER_MM } from "./points.ts";

const formatOf = (id: string): PieceFormat => {
  const format = PIECE_FORMATS.find((one) => one.id === id);
  if (!format) throw new Error(`There is no ${id}.`);
  return format;
};
const brief = sampleDraft("brief", BRIEF_FACTS);

/** A page as a program reads it that did not write it. */
interface ReadPage {
  readonly mm: readonly [width: number, height: number];
  readonly words: readonly string[];
  /** Sizes of all rectangles and paths on it, as drawn, mm on paper. */
  readonly boxes: readonly (readonly [width: number, height: number])[];
}

async function readBack(format: string, layers?: readonly Layer[], draft = brief): Promise<ReadPage[]> {
  const told: string[] = [];
  const { stream, pages } = draftPdf(draft, {
    title: "Brief",
    format: formatOf(format),
    ...(layers ? { layers } : {}),
    onPage: (done, all) => told.push(`${done}/${all}`),
  });
  const bytes = await bytesOf(stream);
  expect(told).toEqual(Array.from({ length: pages }, (_, at) => `${at + 1}/${pages}`));
  const document = await getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise;
  expect(document.numPages).toBe(pages);
  return Promise.all(
    Array.from({ length: pages }, async (_, at) => {
      const page = await document.getPage(at + 1);
      const [, , width = 0, height = 0] = page.view;
      const { items } = await page.getTextContent();
      return {
        mm: [width / POINTS_PER_MM, height / POINTS_PER_MM] as const,
        words: items.flatMap((item) => ("str" in item && item.str.trim() !== "" ? [item.str] : [])),
        boxes: boxesOf(await page.getOperatorList()),
      };
    }),
  );
}

async function bytesOf(stream: NodeJS.ReadableStream): Promise<Buffer> {
  const chunks: Buffer[] = [];
  for await (const chunk of stream) chunks.push(chunk as Buffer);
  return Buffer.concat(chunks);
}

/** Goes through the drawing commands with the scale that holds at each. */
function boxesOf({ fnArray, argsArray }: { fnArray: number[]; argsArray: unknown[] }) {
  const found: [number, number][] = [];
  const kept: number[] = [];
  let scale = 1;
  fnArray.forEach((command, at) => {
    const args = argsArray[at] as number[];
    if (command === OPS.save) kept.push(scale);
    if (command === OPS.restore) scale = kept.pop() ?? 1;
    if (command === OPS.transform) scale *= Math.abs(args[0] ?? 1);
    if (command === OPS.constructPath) {
      const [, , box] = argsArray[at] as [number, unknown, ArrayLike<number> | null];
      if (box)
        found.push([
          ((Number(box[2]) - Number(box[0])) * scale) / POINTS_PER_MM,
          ((Number(box[3]) - Number(box[1])) * scale) / POINTS_PER_MM,
        ]);
    }
  });
  return found;
}

const has = ({ boxes }: ReadPage, width: number, height: number): boolean =>
  boxes.some(([wide, high]) => Math.abs(wide - width) < 0.05 && Math.abs(high - height) < 0.05);

describe("pieces on A4", () => {
  let pages: ReadPage[];
  beforeAll(async () => {
    pages = await readBack("a4");
  });

  it("have the paper's size on every page", () => {
    for (const { mm } of pages) expect(mm).toEqual([expect.closeTo(210, 3), expect.closeTo(297, 3)]);
  });

  it("begin with both squares at their true size, named", () => {
    const [first] = pages;
    expect(first && has(first, 100, 100)).toBe(true);
    expect(first && has(first, 101.6, 101.6)).toBe(true);
    expect(first?.words).toEqual(expect.arrayContaining(["100 mm", "4 in"]));
  });

  it("name every paper, on it and on the map, row by row", () => {
    const names = pages
      .slice(1)
      .map(({ words }) => words.find((word) => / · Brief$/.test(word))?.replace(" · Brief", "") ?? "");
    expect(names.length).toBeGreaterThan(3);
    expect(new Set(names).size).toBe(names.length);
    expect(pages[0]?.words).toEqual(expect.arrayContaining(names));
    const inOrder = names.toSorted((a, b) => Number(a.slice(1)) - Number(b.slice(1)) || a.localeCompare(b));
    expect(names).toEqual(inOrder);
  });

  it("say on the pieces what they are", () => {
    const words = pages.flatMap((page) => page.words);
    expect(words).toEqual(expect.arrayContaining(["Front", "Back", "Gusset", "cut 1, on the fold"]));
  });
});

describe("what is printed at full size", () => {
  const square = draftOf([
    samplePiece([
      [0, 0],
      [150, 0],
      [150, 120],
      [0, 120],
    ]),
  ]);

  it("a piece of 150 by 120 with 10 all round measures so", async () => {
    const [, page] = await readBack("a4", undefined, square);
    expect(page && has(page, 150, 120)).toBe(true);
    expect(page && has(page, 170, 140)).toBe(true);
  });

  it("only of the layers that were chosen", async () => {
    const [, page] = await readBack("a4", ["seam"], square);
    expect(page && has(page, 150, 120)).toBe(true);
    expect(page && has(page, 170, 140)).toBe(false);
    expect(page?.words).toEqual(["A1 · Brief"]);
    expect(LAYERS).toHaveLength(5);
  });

  it("papers without a piece are left out, wherever they lie", async () => {
    const corners = draftOf([
      samplePiece(
        [
          [0, 0],
          [600, 0],
          [600, 20],
          [0, 20],
        ],
        { id: "long" },
      ),
      samplePiece(
        [
          [0, 0],
          [20, 0],
          [20, 700],
          [0, 700],
        ],
        { id: "tall" },
      ),
    ]);
    const pages = await readBack("a4", undefined, corners);
    const all = /of (\d+) × (\d+) papers/.exec(pages[0]?.words.join(" ") ?? "");
    expect(pages.length - 1).toBeLessThan(Number(all?.[1]) * Number(all?.[2]));
  });
});

describe("layers of the file", () => {
  const longer = operate(brief, [
    { operation: "lengthen", params: { piece: "front", from: "highHip", to: "bottom", centre: 12, side: 0 } },
  ]);
  const documentOf = async (stream: NodeJS.ReadableStream) =>
    getDocument({ data: new Uint8Array(await bytesOf(stream)), verbosity: 0 }).promise;

  it("are listed for a reader to switch: those of the pieces, and each outline under them", async () => {
    if (!longer.ok) throw new Error(longer.problem.message);
    const { stream } = draftPdf(brief, {
      ...{ title: "Brief", format: formatOf("a0") },
      under: [{ name: "Prototype 1 (before)", draft: longer.value.draft }],
    });
    const document = await documentOf(stream);
    const config = await document.getOptionalContentConfig();
    const groups = [...config].map(([, group]) => (group as { name: string }).name);
    expect(groups).toEqual([...LAYERS.map((layer) => LAYER_NAMES[layer]), "Prototype 1 (before)"]);
    const { fnArray } = await (await document.getPage(2)).getOperatorList();
    const [begun, ended] = [OPS.beginMarkedContentProps, OPS.endMarkedContent].map(
      (command) => fnArray.filter((one) => one === command).length,
    );
    expect(begun).toBeGreaterThan(4 * groups.length - 4);
    expect(ended).toBe(begun);
  });

  it("one page tells all pieces at a small scale, with what is cut of each", async () => {
    const document = await documentOf(cuttingSheetPdf(brief, { title: "Brief: cutting sheet" }));
    expect(document.numPages).toBe(1);
    const page = await document.getPage(1);
    expect(page.view.map((side) => Math.round(side))).toEqual([0, 0, 842, 595]);
    const { items } = await page.getTextContent();
    const words = items.flatMap((item) => ("str" in item && item.str.trim() !== "" ? [item.str] : []));
    expect(words).toEqual(expect.arrayContaining(["Brief: cutting sheet", "Gusset lining", "on the fold", "lining"]));
    expect(words.join(" ")).toMatch(/one to \d+\.\d: not to be cut from/);
  });
});

describe("other papers", () => {
  it.each([
    ["letter", 215.9, 279.4],
    ["a0", 841, 1189],
  ])("%s has pages of %d by %d mm", async (id, width, height) => {
    const pages = await readBack(id);
    expect(pages.at(-1)?.mm).toEqual([expect.closeTo(width, 3), expect.closeTo(height, 3)]);
  });

  it.each([
    ["roll610", 610],
    ["roll914", 914],
  ])("%s is one page as wide as the roll, after the map on a paper an office prints", async (id, width) => {
    const [map, page, ...more] = await readBack(id);
    expect(more).toEqual([]);
    expect(map?.mm).toEqual([expect.closeTo(210, 3), expect.closeTo(297, 3)]);
    expect(page?.mm[0]).toBeCloseTo(width, 3);
  });

  it("a piece wider than the roll makes the page as wide as it needs: nothing is cut off", async () => {
    const wide = draftOf([
      samplePiece([
        [0, 0],
        [800, 0],
        [800, 50],
        [0, 50],
      ]),
    ]);
    const [, page] = await readBack("roll610", undefined, wide);
    expect(page?.mm[0]).toBeGreaterThan(820);
    expect(page && has(page, 820, 70)).toBe(true);
  });
});
