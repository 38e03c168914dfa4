import { parseArgs } from "node:util";
import { type Command, stop } from "../commandLine.ts";
import { drawPieces } from "./drawPieces.ts";
import { readPieces } from "./readPieces.ts";
import { FILE_KINDS } from "./writers.ts";

const USAGE = `Usage: npm run --silent draft -- FILE.json --out DIR [--json --svg --dxf --pdf [--paper a4|letter|a0|roll610|roll914] [--under OTHER.json]] [--sheet]
   or: npm run --silent draft -- --read FILE.svg|FILE.dxf [--unit mm|cm|m|in|pt]`;

/** Draws the pieces of a file and writes them, or reads pieces that another program drew. */
export const draftCommand: Command = (words) => {
  const { values, positionals } = parsed(words);
  const [only, ...rest] = positionals;
  if (values.read !== undefined) {
    if (only) stop(`Expected one file, after --read.\n${USAGE}`);
    return readPieces(values.read, values.unit);
  }
  if (!only || rest.length > 0) stop(`Expected one file name, or - for standard input.\n${USAGE}`);
  if (!values.out) stop(`Expected --out and a folder.\n${USAGE}`);
  return drawPieces({
    ...{ file: only, out: values.out, under: values.under ?? [] },
    wanted: FILE_KINDS.filter((kind) => values[kind]),
    ...(values.paper === undefined ? {} : { paper: values.paper }),
  });
};

function parsed(words: readonly string[]) {
  const [flag, text] = [{ type: "boolean" }, { type: "string" }] as const;
  try {
    return parseArgs({
      args: [...words],
      allowPositionals: true,
      options: {
        ...{ out: text, paper: text, read: text, unit: text },
        ...{ json: flag, svg: flag, dxf: flag, pdf: flag, sheet: flag },
        under: { type: "string", multiple: true },
      },
    });
  } catch (cause) {
    return stop(`${(cause as Error).message}\n${USAGE}`);
  }
}
