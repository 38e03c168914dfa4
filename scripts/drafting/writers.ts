import { createWriteStream, writeFileSync } from "node:fs";
import { basename } from "node:path";
import { pipeline } from "node:stream/promises";
import type { Draft, OperationReport } from "../../core/drafting/index.ts";
import { draftJson } from "../../formats/drafts/draftJson.ts";
import { draftSvg } from "../../formats/drafts/draftSvg.ts";
import { draftDxf } from "../../formats/drafts/dxf/draftDxf.ts";
import type { Outlines } from "../../formats/drafts/print/draftPdf.ts";
import type { PieceFormat } from "../../formats/drafts/print/papers.ts";

/** What is written of pieces, and how they are printed. */
export interface Written {
  readonly draft: Draft;
  readonly reports: readonly OperationReport[];
  readonly paper: PieceFormat;
  readonly under: readonly Outlines[];
}

/** Files that pieces are written to, by the option that asks for each: how its name ends, and what goes into it. */
export const WRITERS = {
  json: {
    ending: ".json",
    write: (to, { draft, reports }) => writeFileSync(to, `${JSON.stringify(draftJson(draft, reports), null, 1)}\n`),
  },
  svg: { ending: ".svg", write: (to, { draft }) => writeFileSync(to, draftSvg(draft)) },
  dxf: {
    ending: ".dxf",
    write: (to, { draft }) => writeFileSync(to, draftDxf(draft, { title: basename(to, ".dxf"), size: "" })),
  },
  // What sets paper is big: it is read only where something is printed.
  pdf: {
    ending: ".pdf",
    write: async (to, { draft, paper, under }) => {
      const { draftPdf } = await import("../../formats/drafts/print/draftPdf.ts");
      const { stream } = draftPdf(draft, { title: basename(to, ".pdf"), format: paper, under });
      await pipeline(stream, createWriteStream(to));
    },
  },
  sheet: {
    ending: "-sheet.pdf",
    write: async (to, { draft }) => {
      const { cuttingSheetPdf } = await import("../../formats/drafts/print/cuttingSheet.ts");
      const title = `${basename(to, "-sheet.pdf")}: cutting sheet`;
      await pipeline(cuttingSheetPdf(draft, { title }), createWriteStream(to));
    },
  },
} as const satisfies Record<string, Writer>;

interface Writer {
  readonly ending: string;
  readonly write: (to: string, written: Written) => unknown;
}

/** One of {@link WRITERS}. */
export type FileKind = keyof typeof WRITERS;

/** All of them. */
export const FILE_KINDS = Object.keys(WRITERS) as readonly FileKind[];
