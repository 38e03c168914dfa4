import { writeCsv } from "../csv.ts";
import { type FittingRecord, type RecordLine, recordLines } from "./fittingRecord.ts";

/** Columns of the record as a table, in order. */
const COLUMNS: readonly (readonly [keyof RecordLine, string])[] = [
  ["prototype", "prototype"],
  ["fittedOn", "fitted on"],
  ["what", "what"],
  ["seen", "seen"],
  ["where", "where"],
  ["side", "side"],
  ["readMm", "read mm"],
  ["readN", "read N"],
  ["detail", "detail"],
  ["decision", "decision"],
  ["share", "share"],
  ["changeMm", "change mm"],
  ["done", "done"],
  ["cutInto", "cut into prototype"],
  ["verdict", "verdict"],
  ["leftMm", "left mm"],
  ["note", "note"],
];

/** The fitting record as CSV (UTF-8, comma): a row for every check, finding and reading; amounts in mm and N. */
export const fittingCsv = (record: Pick<FittingRecord, "prototypes" | "fittings">): string =>
  writeCsv(
    [
      COLUMNS.map(([, heading]) => heading),
      ...recordLines(record).map((line) => COLUMNS.map(([key]) => line[key] ?? "")),
    ],
    { newline: "\r\n" },
  );
