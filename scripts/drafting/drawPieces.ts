import { mkdirSync } from "node:fs";
import { basename, extname, join } from "node:path";
import { checkDraft, drawBy, operate, wholePieces } from "../../core/drafting/index.ts";
import { readDraftFile } from "../../formats/drafts/draftFile.ts";
import type { Outlines } from "../../formats/drafts/print/draftPdf.ts";
import { PIECE_FORMATS, type PieceFormat } from "../../formats/drafts/print/papers.ts";
import { type CommandAnswer, readText, stop } from "../commandLine.ts";
import { FILE_KINDS, type FileKind, WRITERS } from "./writers.ts";

/** What is no file of ours at all ends as a wrong command does; what is one, but cannot be drawn, is answered. */
const NO_FILE: ReadonlySet<string> = new Set(["json-unreadable", "json-too-deep", "file-too-large"]);

/** What was asked of the drawing command. */
interface Asked {
  readonly file: string;
  readonly out: string;
  /** None: all but the sheet to cut by. */
  readonly wanted: readonly FileKind[];
  readonly paper?: string;
  readonly under: readonly string[];
}

/** Draws the pieces of a file and writes them: which files, how many pieces, which rules do not hold. */
export async function drawPieces({ file, out, wanted, paper, under }: Asked): Promise<CommandAnswer> {
  const format = paperOf(paper);
  const below = under.map(outlinesOf);
  const made = makeFrom(readText(file));
  if (!made.ok) {
    if (NO_FILE.has(made.problem.code)) stop(made.problem.message);
    return { said: { error: made.problem }, status: 1 };
  }
  const { draft } = made.value;
  const name = file === "-" ? "draft" : basename(file, extname(file));
  const kinds = wanted.length > 0 ? wanted : FILE_KINDS.filter((kind) => kind !== "sheet");
  const files = kinds.map((kind) => ({ kind, to: join(out, `${name}${WRITERS[kind].ending}`) }));
  try {
    mkdirSync(out, { recursive: true });
    for (const { kind, to } of files) await WRITERS[kind].write(to, { ...made.value, paper: format, under: below });
  } catch (cause) {
    const { code, syscall } = cause as NodeJS.ErrnoException;
    if (!syscall) throw cause;
    stop(`Expected ${out} to be a folder that can be written to (${code}).`);
  }
  const failed = checkDraft(draft).filter(({ ok }) => !ok);
  return { said: { files: files.map(({ to }) => to), pieces: wholePieces(draft).length, failed }, status: 0 };
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

function paperOf(id = "a4"): PieceFormat {
  const ids = PIECE_FORMATS.map((one) => one.id);
  return PIECE_FORMATS.find((one) => one.id === id) ?? stop(`Expected a paper of ${ids.join(", ")}, but got “${id}”.`);
}
