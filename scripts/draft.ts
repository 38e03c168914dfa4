/** Pieces from a script: `npm run --silent draft -- FILE.json --out DIR [--json --svg]`. */
import { mkdirSync, readFileSync, writeFileSync } from "node:fs";
import { basename, extname, join } from "node:path";
import { parseArgs } from "node:util";
import { type Draft, drawBy } from "../core/drafting/index.ts";
import { readDraftFile } from "../formats/drafts/draftFile.ts";
import { draftJson } from "../formats/drafts/draftJson.ts";
import { draftSvg } from "../formats/drafts/draftSvg.ts";

const USAGE = "Usage: npm run --silent draft -- FILE.json --out DIR [--json --svg]";

/** What can be written, by the option that asks for it. */
const WRITERS: Readonly<Record<"json" | "svg", (draft: Draft) => string>> = {
  json: (draft) => `${JSON.stringify(draftJson(draft), null, 1)}\n`,
  svg: draftSvg,
};
const FORMATS = Object.keys(WRITERS) as (keyof typeof WRITERS)[];

/** What is no file of ours at all ends as a wrong command does; what is one, but cannot be drawn, is answered. */
const NO_FILE: ReadonlySet<string> = new Set(["json-unreadable", "json-too-deep", "file-too-large"]);

const { file, out, wanted } = asked();
const request = readDraftFile(readText(file));
if (!request.ok && NO_FILE.has(request.problem.code)) stop(request.problem.message);
const draft = request.ok ? drawBy(request.value.recipe, request.value.facts) : request;
if (draft.ok) {
  const name = file === "-" ? "draft" : basename(file, extname(file));
  const files = wanted.map((format) => join(out, `${name}.${format}`));
  try {
    mkdirSync(out, { recursive: true });
    for (const [at, format] of wanted.entries()) writeFileSync(files[at] ?? "", WRITERS[format](draft.value));
  } catch (cause) {
    stop(`Expected ${out} to be a folder that can be written to (${(cause as NodeJS.ErrnoException).code}).`);
  }
  const failed = draftJson(draft.value).checks.filter(({ ok }) => !ok);
  console.log(JSON.stringify({ files, pieces: draft.value.pieces.length, failed }, null, 1));
} else {
  console.log(JSON.stringify({ error: draft.problem }, null, 1));
  process.exitCode = 1;
}

function asked() {
  try {
    const flag = { type: "boolean" } as const;
    const { values, positionals } = parseArgs({
      allowPositionals: true,
      options: { out: { type: "string" }, json: flag, svg: flag },
    });
    const [only, ...rest] = positionals;
    if (!only || rest.length > 0) stop(`Expected one file name, or - for standard input.\n${USAGE}`);
    if (!values.out) stop(`Expected --out and a folder.\n${USAGE}`);
    const some = FORMATS.filter((format) => values[format]);
    return { file: only, out: values.out, wanted: some.length > 0 ? some : FORMATS };
  } catch (cause) {
    return stop(`${(cause as Error).message}\n${USAGE}`);
  }
}

function readText(name: string): string {
  try {
    return readFileSync(name === "-" ? 0 : name, "utf8");
  } catch (cause) {
    return stop(`Expected ${name} to be a file that can be read (${(cause as NodeJS.ErrnoException).code}).`);
  }
}

function stop(message: string): never {
  console.error(message);
  process.exit(2);
}
