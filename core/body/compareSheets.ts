import { LONG_CODES } from "./catalogue/codes.ts";
import { placesOf, type SheetPlace } from "./catalogue/index.ts";
import { type MeasuredValue, measuredValue } from "./sheetValues.ts";

/** One measure on two sheets, mm; null where it was not taken. */
export interface ComparedMeasure extends SheetPlace {
  readonly beforeMm: number | null;
  readonly afterMm: number | null;
  /** After minus before; null where one is missing. */
  readonly changeMm: number | null;
}

/** Two sheets side by side: every measure that stands on either, in measuring order. */
export function compareSheets(before: readonly MeasuredValue[], after: readonly MeasuredValue[]): ComparedMeasure[] {
  return placesOf(LONG_CODES).flatMap(({ code, side }) => {
    const [then, now] = [measuredValue(before, code, side), measuredValue(after, code, side)];
    if (!then && !now) return [];
    return [
      {
        code,
        side,
        beforeMm: then?.mm ?? null,
        afterMm: now?.mm ?? null,
        changeMm: then && now ? now.mm - then.mm : null,
      },
    ];
  });
}
