import { ofItsDay, type Sheet } from "../../core/body/index.ts";
import { formatDay } from "../../core/units/index.ts";

const ORDINALS = ["", "1st", "2nd", "3rd"];

/** A sheet by its day, and by its turn where there are several of one day: `3 May 2026, 2nd of that day`. */
export function sheetName(sheet: Pick<Sheet, "id" | "takenOn">, all: readonly Pick<Sheet, "id" | "takenOn">[]): string {
  const turn = ofItsDay(sheet, all);
  return `${formatDay(sheet.takenOn)}${turn === null ? "" : `, ${ORDINALS[turn] ?? `${turn}th`} of that day`}`;
}
