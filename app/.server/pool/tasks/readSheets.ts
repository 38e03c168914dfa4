import { ok } from "../../../../core/result.ts";
import { type ReadCsv, readSheetsCsv } from "../../../../formats/body/readSheetCsv.ts";
import { readSheetsDocument } from "../../../../formats/body/sheetDocument.ts";
import { readJson } from "../../../../formats/json.ts";
import { type Task, textOf } from "../task.ts";

/** Sheets of measures of a CSV or JSON file, and what of it cannot be read. */
export const readSheets: Task<{ readonly bytes: Uint8Array; readonly today: string }, ReadCsv> = ({ bytes, today }) => {
  const text = textOf(bytes);
  if (!/^\s*[{[]/.test(text)) return ok(readSheetsCsv(text, today));
  const json = readJson(text);
  const read = json.ok ? readSheetsDocument(json.value, today) : json;
  return ok(
    read.ok
      ? { sheets: read.value, problems: [] }
      : { sheets: [], problems: [{ line: 0, reason: read.problem.message }] },
  );
};
