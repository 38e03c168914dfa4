import { writeFileSync } from "node:fs";
import { getDocument } from "pdfjs-dist/legacy/build/pdf.mjs";

/** Pixels a point of the page is drawn with. */
const SCALE = 1.6;

/** Draws the first page of a PDF as a picture, by a program that did not write it. */
export async function printedPage(address: string, file: string): Promise<void> {
  const answer = await fetch(address);
  const document = await getDocument({ data: await answer.bytes(), verbosity: 0 }).promise;
  const page = await document.getPage(1);
  const viewport = page.getViewport({ scale: SCALE });
  const factory = document.canvasFactory as CanvasFactory;
  const { canvas } = factory.create(Math.ceil(viewport.width), Math.ceil(viewport.height));
  await page.render({ canvas: canvas as unknown as HTMLCanvasElement, viewport }).promise;
  writeFileSync(file, canvas.toBuffer("image/png"));
}

/** What pdfjs draws on where there is no browser. */
interface CanvasFactory {
  create(width: number, height: number): { readonly canvas: { toBuffer(type: "image/png"): Buffer } };
}
