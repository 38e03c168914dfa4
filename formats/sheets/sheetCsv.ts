import Papa from "papaparse";
import { isMeasureCode, type Sheet } from "../../core/body/index.ts";
import { parseDay } from "../../core/units/index.ts";
import { plainCell, writeCsv } from "../csv.ts";
import { entryOf, type ImportedSheet, type SheetEntry, valueFrom } from "./sheetDocument.ts";

/** Something in a file that cannot be taken over: the line it stands in and why. */
export interface CsvProblem {
  /** Counted from 1, the heading included. */
  readonly line: number;
  readonly reason: string;
}

/** What a CSV file holds: the sheets that can be read, and what was left out of them. */
export interface ReadCsv {
  readonly sheets: readonly ImportedSheet[];
  readonly problems: readonly CsvProblem[];
}

const HEAD = ["taken_on", "unit", "tape", "measured_by", "self_measured", "worn_under", "consent", "notes"] as const;
const ROW_COLUMNS = [
  "sheet",
  ...HEAD,
  "measure",
  "side",
  "take_1",
  "take_2",
  "take_3",
  "own_tape",
  "not_taken",
] as const;

/** What stands in a cell of the one-column-a-sheet layout for a measure that was not taken. */
const NOT_TAKEN = "not taken: ";

const headOf = (entry: SheetEntry): readonly string[] => [
  entry.takenOn,
  entry.unit,
  entry.tape,
  entry.measuredBy,
  entry.selfMeasured ? "yes" : "no",
  entry.wornUnder,
  entry.consent,
  entry.notes,
];

/** Sheets with one row a measure; the first column numbers the sheets. */
export function sheetsToRows(sheets: readonly Sheet[]): string {
  const rows = sheets.map(entryOf).flatMap((entry, index) => {
    const head = [String(index + 1), ...headOf(entry)];
    return [
      ...entry.values.map(({ measure, side, takes, tape }) => [
        ...head,
        measure,
        side,
        takes[0] ?? "",
        takes[1] ?? "",
        takes[2] ?? "",
        tape ?? "",
        "",
      ]),
      ...entry.notTaken.map(({ measure, side, reason }) => [...head, measure, side, "", "", "", "", reason]),
    ];
  });
  return write([[...ROW_COLUMNS], ...rows]);
}

/** Sheets with one column a sheet: to be laid side by side in a table program. */
export function sheetsToColumns(sheets: readonly Sheet[]): string {
  const entries = sheets.map(entryOf);
  const heads = HEAD.map((name, at) => [name, ...entries.map((entry) => headOf(entry)[at] ?? "")]);
  const places = [
    ...new Set(
      entries.flatMap((entry) =>
        [...entry.values, ...entry.notTaken].map(({ measure, side }) => placeName(measure, side)),
      ),
    ),
  ];
  return write([
    ["row", ...entries.map((_, index) => `sheet ${index + 1}`)],
    ...heads,
    ...places.map((place) => [place, ...entries.map((entry) => cellOf(entry, place))]),
  ]);
}

const placeName = (measure: string, side: string): string => (side === "single" ? measure : `${measure}.${side}`);

function cellOf(entry: SheetEntry, place: string): string {
  const value = entry.values.find(({ measure, side }) => placeName(measure, side) === place);
  if (value) return `${value.takes.join("; ")}${value.tape ? ` @${value.tape}` : ""}`;
  const missing = entry.notTaken.find(({ measure, side }) => placeName(measure, side) === place);
  return missing ? `${NOT_TAKEN}${missing.reason}` : "";
}

const write = (rows: readonly (readonly string[])[]): string => writeCsv(rows, { newline: "\r\n" });

/** Reads either layout; told apart by the first heading. */
export function readSheetsCsv(text: string, today: string): ReadCsv {
  const { data, errors } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ""), { skipEmptyLines: "greedy" });
  const problems = errors
    .filter(({ code }) => code !== "UndetectableDelimiter")
    .map(({ row = 0, message }) => ({ line: row + 1, reason: `${message}.` }));
  if (problems.length > 0) return { sheets: [], problems };
  const rows = data.map((row) => row.map((cell) => plainCell(cell.trim())));
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

interface PlaceText {
  readonly measure: string;
  readonly side: string;
  readonly takes: readonly string[];
  readonly tape: string;
  readonly notTaken: string;
}

function placeFrom(name: string, cell: string): PlaceText {
  const [measure = "", side = "single"] = name.split(".");
  if (cell.startsWith(NOT_TAKEN)) return { measure, side, takes: [], tape: "", notTaken: cell.slice(NOT_TAKEN.length) };
  const [, readings = cell, tape = ""] = /^(.*?)\s*@(snug|finger)$/.exec(cell) ?? [];
  return {
    measure,
    side,
    takes: readings
      .split(";")
      .map((take) => take.trim())
      .filter((take) => take !== ""),
    tape,
    notTaken: "",
  };
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

function withPlace(sheet: ImportedSheet, place: PlaceText, line: number, problems: CsvProblem[]): ImportedSheet {
  const leave = (reason: string): ImportedSheet => {
    problems.push({ line, reason });
    return sheet;
  };
  if (!isMeasureCode(place.measure))
    return leave(`Expected a measure of the catalogue, but got “${place.measure.slice(0, 40)}”.`);
  const code = place.measure;
  const taken = [...sheet.values, ...(sheet.notTaken ?? [])].some(
    (one) => one.code === code && one.side === place.side,
  );
  if (taken) return leave(`Expected ${placeName(code, place.side)} once, but it stands there again.`);
  if (place.notTaken !== "" && place.takes.length === 0) {
    return {
      ...sheet,
      notTaken: [
        ...(sheet.notTaken ?? []),
        { code, side: place.side as "single", reason: place.notTaken.slice(0, 200) },
      ],
    };
  }
  if (place.takes.length === 0 || place.takes.length > 3)
    return leave(`Expected one to three readings for ${code}, but there are ${place.takes.length}.`);
  const value = valueFrom(
    {
      measure: code,
      side: place.side as "single",
      takes: [...place.takes],
      ...(place.tape ? { tape: place.tape as "snug" } : {}),
    },
    sheet.unit,
  );
  return value.ok ? { ...sheet, values: [...sheet.values, value.value] } : leave(value.problem.message);
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
