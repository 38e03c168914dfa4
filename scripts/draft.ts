/** Pieces from a script (without a format all but the sheet): `npm run --silent draft -- FILE.json --out DIR [--json --svg --dxf --pdf [--paper a4|letter|a0|roll610|roll914] [--under OTHER.json] --sheet]`. */
import { createWriteStream, mkdirSync, writeFileSync } from "node:fs";
import { basename, extname, join } from "node:path";
import { pipeline } from "node:stream/promises";
import { parseArgs } from "node:util";
import { type Draft, drawBy, type OperationReport, operate } from "../core/drafting/index.ts";
import { readDraftFile } from "../formats/drafts/draftFile.ts";
import { draftJson } from "../formats/drafts/draftJson.ts";
import { draftSvg } from "../formats/drafts/draftSvg.ts";
import { draftDxf } from "../formats/drafts/dxf/draftDxf.ts";
import { cuttingSheetPdf } from "../formats/drafts/print/cuttingSheet.ts";
import { draftPdf, type Outlines } from "../formats/drafts/print/draftPdf.ts";
import { PIECE_FORMATS, type PieceFormat } from "../formats/drafts/print/papers.ts";
import { readText, stop } from "./commandLine.ts";

const USAGE =
  "Usage: npm run --silent draft -- FILE.json --out DIR [--json --svg --dxf --pdf [--paper a4|letter|a0|roll610|roll914] [--under OTHER.json] --sheet]";

/** What can be written, by the option that asks for it. */
const WRITERS: Readonly<
  Record<
    "json" | "svg" | "dxf" | "pdf" | "sheet",
    (draft: Draft, file: string, reports: readonly OperationReport[]) => unknown
  >
> = {
  json: (draft, to, reports) => writeFileSync(to, `${JSON.stringify(draftJson(draft, reports), null, 1)}\n`),
  svg: (draft, to) => writeFileSync(to, draftSvg(draft)),
  dxf: (draft, to) => writeFileSync(to, draftDxf(draft, { title: basename(to, ".dxf"), size: "" })),
  pdf: (draft, to) =>
    pipeline(draftPdf(draft, { title: basename(to, ".pdf"), format: paper, under }).stream, createWriteStream(to)),
  sheet: (draft, to) =>
    pipeline(cuttingSheetPdf(draft, { title: `${basename(to, "-sheet.pdf")}: cutting sheet` }), createWriteStream(to)),
};
const FORMATS = Object.keys(WRITERS) as (keyof typeof WRITERS)[];

/** What is no file of ours at all ends as a wrong command does; what is one, but cannot be drawn, is answered. */
const NO_FILE: ReadonlySet<string> = new Set(["json-unreadable", "json-too-deep", "file-too-large"]);

const { file, out, wanted, paper, others } = asked();
const under = others.map(outlinesOf);
const made = makeFrom(readText(file));
if (made.ok) {
  const { draft, reports } = made.value;
  const name = file === "-" ? "draft" : basename(file, extname(file));
  const files = wanted.map((format) => join(out, format === "sheet" ? `${name}-sheet.pdf` : `${name}.${format}`));
  try {
    mkdirSync(out, { recursive: true });
    for (const [at, format] of wanted.entries()) await WRITERS[format](draft, files[at] ?? "", reports);
  } catch (cause) {
    const { code } = cause as NodeJS.ErrnoException;
    if (!code) throw cause;
    stop(`Expected ${out} to be a folder that can be written to (${code}).`);
  }
  const failed = draftJson(draft).checks.filter(({ ok }) => !ok);
  console.log(JSON.stringify({ files, pieces: draft.pieces.length, failed }, null, 1));
} else {
  if (NO_FILE.has(made.problem.code)) stop(made.problem.message);
  console.log(JSON.stringify({ error: made.problem }, null, 1));
  process.exitCode = 1;
}

function makeFrom(text: string) {
  const request = readDraftFile(text);
  if (!request.ok) return request;
  const drawn = drawBy(request.value.recipe, request.value.facts);
  return drawn.ok ? operate(drawn.value, request.value.operations) : drawn;
}

/** The pieces of another file, as a layer under these. */
function outlinesOf(other: string): Outlines {
  const drawn = makeFrom(readText(other));
  if (!drawn.ok) return stop(`${other}: ${drawn.problem.message}`);
  return { name: basename(other, extname(other)), draft: drawn.value.draft };
}

function asked() {
  try {
    const [flag, text] = [{ type: "boolean" }, { type: "string" }] as const;
    const { values, positionals } = parseArgs({
      allowPositionals: true,
      options: {
        ...{ out: text, paper: text, json: flag, svg: flag, dxf: flag, pdf: flag, sheet: flag },
        under: { type: "string", multiple: true },
      },
    });
    const [only, ...rest] = positionals;
    if (!only || rest.length > 0) stop(`Expected one file name, or - for standard input.\n${USAGE}`);
    if (!values.out) stop(`Expected --out and a folder.\n${USAGE}`);
    const some = FORMATS.filter((format) => values[format]);
    const wanted = some.length > 0 ? some : FORMATS.filter((format) => format !== "sheet");
    return { file: only, out: values.out, wanted, paper: paperOf(values.paper), others: values.under ?? [] };
  } catch (cause) {
    return stop(`${(cause as Error).message}\n${USAGE}`);
  }
}

function paperOf(id = "a4"): PieceFormat {
  const ids = PIECE_FORMATS.map((one) => one.id);
  return PIECE_FORMATS.find((one) => one.id === id) ?? stop(`Expected a paper of ${ids.join(", ")}, but got “${id}”.`);
}
