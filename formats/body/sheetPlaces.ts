import { isMeasureCode } from "../../core/body/index.ts";

import { NOT_TAKEN, placeName } from "./sheetCsv.ts";
import { type ImportedSheet, sideOf, valueFrom } from "./sheetDocument.ts";

interface PlaceText {
  readonly measure: string;
  readonly side: string;
  readonly takes: readonly string[];
  readonly tape: string;
  readonly notTaken: string;
}

/** The cells of one measure. */
export function placeFrom(name: string, cell: string): PlaceText {
  const [measure = "", side = "single"] = name.split(".");
  if (cell.startsWith(NOT_TAKEN)) return { measure, side, takes: [], tape: "", notTaken: cell.slice(NOT_TAKEN.length) };
  const tape = /@(snug|finger)$/.exec(cell)?.[1] ?? "";
  const readings = tape === "" ? cell : cell.slice(0, -(tape.length + 1));
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

/** A sheet with one measure more, as its cells say; what cannot be read is told with its line. */
export function withPlace(sheet: ImportedSheet, place: PlaceText, line: number, problems: CsvProblem[]): ImportedSheet {
  const leave = (reason: string): ImportedSheet => {
    problems.push({ line, reason });
    return sheet;
  };
  if (!isMeasureCode(place.measure))
    return leave(`Expected a measure of the catalogue, but got “${place.measure.slice(0, 40)}”.`);
  const code = place.measure;
  const side = sideOf(code, place.side);
  if (!side.ok) return leave(side.problem.message);
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

/** Something in a file that cannot be taken over: the line it stands in and why. */
export interface CsvProblem {
  /** Counted from 1, the heading included. */
  readonly line: number;
  readonly reason: string;
}
