import { parseDay } from "../../core/units/index.ts";
import { readCsvRows } from "../csv.ts";
import { HEAD, ROW_COLUMNS } from "./sheetCsv.ts";
import type { ImportedSheet } from "./sheetDocument.ts";
import { type CsvProblem, placeFrom, withPlace } from "./sheetPlaces.ts";

/** What a CSV file holds: the sheets that can be read, and what was left out of them. */
export interface ReadCsv {
  readonly sheets: readonly ImportedSheet[];
  readonly problems: readonly CsvProblem[];
}

/** Most lines of a file: years of a workshop's sheets. */
const MOST_LINES = 10_000;

/** Reads either layout; told apart by the first heading. */
export function readSheetsCsv(text: string, today: string): ReadCsv {
  const read = readCsvRows(text, MOST_LINES);
  if (!read.ok) return { sheets: [], problems: [{ line: 1, reason: read.problem.message }] };
  const problems = read.value.odd.map(({ line, what }) => ({ line, reason: what }));
  if (problems.length > 0) return { sheets: [], problems };
  const rows = read.value.rows.map((row) => row.map((cell) => cell.trim()));
  if (rows[0]?.[0] === "sheet") return fromRows(rows, today);
  if (rows[0]?.[0] === "row") return fromColumns(rows, today);
  const came = rows[0]?.[0] ?? "";
  return {
    sheets: [],
    problems: [
      {
        line: 1,
        reason: `Expected the heading “sheet” (one row a measure) or “row” (one column a sheet), but got “${came.slice(0, 40)}”.`,
      },
    ],
  };
}

function fromRows(rows: readonly (readonly string[])[], today: string): ReadCsv {
  const [heading = [], ...body] = rows;
  const missing = ROW_COLUMNS.find((name) => !heading.includes(name));
  if (missing)
    return { sheets: [], problems: [{ line: 1, reason: `Expected the column “${missing}”, but it is missing.` }] };
  const problems: CsvProblem[] = [];
  const sheets = new Map<string, ImportedSheet | null>();
  for (const [index, row] of body.entries()) {
    const line = index + 2;
    const cell = (name: (typeof ROW_COLUMNS)[number]) => row[heading.indexOf(name)] ?? "";
    const number = cell("sheet");
    if (!sheets.has(number))
      sheets.set(
        number,
        headFrom(
          HEAD.map((name) => cell(name)),
          today,
          line,
          problems,
        ),
      );
    const sheet = sheets.get(number);
    if (!sheet) continue;
    const takes = [cell("take_1"), cell("take_2"), cell("take_3")].filter((take) => take !== "");
    sheets.set(
      number,
      withPlace(
        sheet,
        { measure: cell("measure"), side: cell("side"), takes, tape: cell("own_tape"), notTaken: cell("not_taken") },
        line,
        problems,
      ),
    );
  }
  return finished([...sheets.values()], problems);
}

function fromColumns(rows: readonly (readonly string[])[], today: string): ReadCsv {
  const problems: CsvProblem[] = [];
  const named = new Map(rows.map((row, index) => [row[0] ?? "", { row, line: index + 1 }]));
  const missing = HEAD.find((name) => !named.has(name));
  if (missing)
    return { sheets: [], problems: [{ line: 1, reason: `Expected a row “${missing}”, but it is missing.` }] };
  const places = rows
    .map((row, index) => ({ name: row[0] ?? "", row, line: index + 1 }))
    .filter(({ name }) => name !== "row" && !HEAD.some((head) => head === name));
  const count = (rows[0]?.length ?? 1) - 1;
  const sheets = Array.from({ length: count }, (_, at) => {
    const head = HEAD.map((name) => named.get(name)?.row[at + 1] ?? "");
    let sheet = headFrom(head, today, named.get("taken_on")?.line ?? 1, problems);
    for (const { name, row, line } of places) {
      const cell = row[at + 1] ?? "";
      if (!sheet || cell === "") continue;
      sheet = withPlace(sheet, placeFrom(name, cell), line, problems);
    }
    return sheet;
  });
  return finished(sheets, problems);
}

/** A sheet without values from its head; null, with the problem noted, where the head cannot be read. */
function headFrom(cells: readonly string[], today: string, line: number, problems: CsvProblem[]): ImportedSheet | null {
  const [takenOn = "", unit = "", tape = "", measuredBy = "", self = "", worn = "", consent = "", notes = ""] = cells;
  const day = parseDay(takenOn, today);
  const reason = !day.ok
    ? day.problem.message
    : unit !== "cm" && unit !== "in"
      ? `Expected the unit cm or in, but got “${unit}”.`
      : tape !== "snug" && tape !== "finger"
        ? `Expected the tape school snug or finger, but got “${tape}”.`
        : null;
  if (reason !== null || !day.ok) {
    problems.push({ line, reason: `${reason} The whole sheet is left out.` });
    return null;
  }
  const wornUnder = worn === "thin_bra" || worn === "binder_free" ? worn : "nothing";
  return {
    takenOn: day.value,
    unit: unit as ImportedSheet["unit"],
    tape: tape as ImportedSheet["tape"],
    measuredBy: measuredBy.slice(0, 120),
    selfMeasured: self === "yes",
    wornUnder,
    consent: consent.slice(0, 120),
    notes: notes.slice(0, 4000),
    values: [],
    notTaken: [],
  };
}

function finished(sheets: readonly (ImportedSheet | null)[], problems: readonly CsvProblem[]): ReadCsv {
  const kept = sheets
    .filter((sheet) => sheet !== null)
    .filter(({ values, notTaken = [] }) => values.length + notTaken.length > 0);
  if (kept.length === 0 && problems.length === 0)
    return {
      sheets: [],
      problems: [{ line: 1, reason: "Expected at least one sheet with a measure, but there is none." }],
    };
  return { sheets: kept, problems };
}
