import { bodyValue } from "./bodyValue.ts";
import { placesOf, type SheetPlace } from "./catalogue/index.ts";
import type { MeasureCode } from "./measure.ts";
import type { MeasuredValue } from "./sheetValues.ts";

/** The measures of a list that a sheet does not have yet, side by side, in the order a person is measured. */
export const missingMeasures = (needed: readonly MeasureCode[], values: readonly MeasuredValue[]): SheetPlace[] =>
  placesOf(needed).filter(({ code, side }) => !bodyValue(values, code, side));
