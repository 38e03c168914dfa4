import type { Sheet } from "../../core/body/index.ts";
import { writeCsv } from "../csv.ts";
import { entryOf, type SheetEntry } from "./sheetDocument.ts";

/** Columns of a sheet itself. */
export const HEAD = [
  "taken_on",
  "unit",
  "tape",
  "measured_by",
  "self_measured",
  "worn_under",
  "consent",
  "notes",
] as const;
/** Columns of the layout with a row a measure. */
export const ROW_COLUMNS = [
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
export const NOT_TAKEN = "not taken: ";

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

/** How a measure of one side is called in a heading. */
export const placeName = (measure: string, side: string): string =>
  side === "single" ? measure : `${measure}.${side}`;

function cellOf(entry: SheetEntry, place: string): string {
  const value = entry.values.find(({ measure, side }) => placeName(measure, side) === place);
  if (value) return `${value.takes.join("; ")}${value.tape ? ` @${value.tape}` : ""}`;
  const missing = entry.notTaken.find(({ measure, side }) => placeName(measure, side) === place);
  return missing ? `${NOT_TAKEN}${missing.reason}` : "";
}

const write = (rows: readonly (readonly string[])[]): string => writeCsv(rows, { newline: "\r\n" });
