import type { BodyFacts } from "../calculation/index.ts";
import { type Measures, measuredAll } from "./measured.ts";

/** A body with measures in mm: `{ bust: 1000, root_width: [142, 136] }`; two numbers are left and right. */
export const sampleBody = (measures: Measures, own: Partial<Omit<BodyFacts, "values">> = {}): BodyFacts => ({
  tape: "snug",
  fingerAllowanceMm: 12,
  source: "test sheet",
  ...own,
  values: measuredAll(measures),
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
