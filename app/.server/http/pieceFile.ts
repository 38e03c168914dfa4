import { Readable } from "node:stream";
import type { Draft, OperationReport } from "../../../core/drafting/index.ts";
import { draftJson } from "../../../formats/drafts/draftJson.ts";
import { draftSvg } from "../../../formats/drafts/draftSvg.ts";
import { draftDxf } from "../../../formats/drafts/dxf/draftDxf.ts";
import { LAYERS } from "../../../formats/drafts/layers.ts";
import { pieceListCsv } from "../../../formats/drafts/pieceListCsv.ts";
import { cuttingSheetPdf } from "../../../formats/drafts/print/cuttingSheet.ts";
import { draftPdf, type Outlines } from "../../../formats/drafts/print/draftPdf.ts";
import { PIECE_FORMATS } from "../../../formats/drafts/print/papers.ts";
import { PAGES_HEADER } from "../../pieces/printPages.ts";
import { notFound } from "./answers.ts";
import { download, fileName } from "./download.ts";

/** Pieces that are given as a file. */
export interface FiledPieces {
  readonly draft: Draft;
  readonly reports?: readonly OperationReport[];
  readonly title: string;
  /** Outlines that may be asked for under the pieces on paper. */
  readonly under?: readonly Outlines[];
}

/** Pieces as SVG, DXF, JSON, a list or a sheet to cut by, or as a PDF at full size on the paper and with the layers asked for. @throws 404 for another file. */
export function pieceFile(
  { draft, reports = [], title, under = [] }: FiledPieces,
  file: string,
  asked: URLSearchParams,
): Response {
  if (file === "svg") return download(draftSvg(draft), title, "svg");
  if (file === "dxf") return download(draftDxf(draft, { title, size: "" }), title, "dxf");
  if (file === "json") return download(`${JSON.stringify(draftJson(draft, reports), null, 1)}\n`, title, "json");
  if (file === "csv") return download(pieceListCsv(draft), `Pieces, ${title}`, "csv");
  if (file === "sheet") {
    const name = `Cutting sheet, ${title}`;
    return pdfResponse(cuttingSheetPdf(draft, { title: name }), name);
  }
  if (file !== "pdf") notFound("kind of file");
  const format = PIECE_FORMATS.find(({ id }) => id === (asked.get("paper") ?? "a4"));
  if (!format) notFound("paper");
  const wanted = asked.getAll("layer");
  const layers = wanted.length === 0 ? LAYERS : LAYERS.filter((layer) => wanted.includes(layer));
  const { stream, pages } = draftPdf(draft, { title, format, layers, under });
  return pdfResponse(stream, title, { [PAGES_HEADER]: String(pages) });
}

/** A PDF that goes out while it is drawn. */
const pdfResponse = (stream: NodeJS.ReadableStream, title: string, more: Readonly<Record<string, string>> = {}) =>
  new Response(Readable.toWeb(Readable.from(stream)) as ReadableStream, {
    headers: {
      "Content-Type": "application/pdf",
      "Content-Disposition": `attachment; filename="${fileName(title, "pdf")}"`,
      "Cache-Control": "no-store",
      ...more,
    },
  });
