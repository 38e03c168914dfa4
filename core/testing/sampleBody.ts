import type { MeasureCode } from "../body/index.ts";
import type { BodyFacts } from "../calculation/index.ts";

/** A body with measures in mm: `{ bust: 1000, root_width: [142, 136] }`; two numbers are left and right. */
export const sampleBody = (
  measures: Readonly<Partial<Record<MeasureCode, number | readonly [number, number]>>>,
  own: Partial<Omit<BodyFacts, "values">> = {},
): BodyFacts => ({
  tape: "snug",
  fingerAllowanceMm: 12,
  source: "test sheet",
  ...own,
  values: Object.entries(measures).flatMap(([code, value]) => {
    const of = (side: "single" | "left" | "right", mm: number) => ({ code: code as MeasureCode, side, text: "", mm });
    return typeof value === "number"
      ? [of("single", value)]
      : value
        ? [of("left", value[0]), of("right", value[1])]
        : [];
  }),
});

/** Breast measures of both sides, the left one the fuller, mm. */
export const BREAST = {
  root_width: [142, 136],
  root_height: [125, 118],
  projection: [96, 87],
  wire_line: [254, 241],
  lower_cup: [109, 101],
  upper_cup: [124, 119],
  cross_cup: [246, 232],
} as const;
