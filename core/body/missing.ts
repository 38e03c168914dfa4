import { CATALOGUE, sidesOf } from "./catalogue.ts";
import type { MeasureCode, Side } from "./measure.ts";
import { type MeasuredValue, measuredValue } from "./sheetValues.ts";

/** The measures of a list that a sheet does not have yet, side by side, in the order a person is measured. */
export function missingMeasures(
  needed: readonly MeasureCode[],
  values: readonly MeasuredValue[],
): { code: MeasureCode; side: Side }[] {
  return CATALOGUE.filter(({ code }) => needed.includes(code)).flatMap((measure) =>
    sidesOf(measure)
      .filter((side) => !measuredValue(values, measure.code, side))
      .map((side) => ({ code: measure.code, side })),
  );
}
