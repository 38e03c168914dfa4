import type { LengthUnit } from "../core/units/length.ts";

/** Cookie that remembers the unit in which lengths are shown. */
const UNIT_COOKIE = "stenz_unit";

/** The unit in which this browser shows lengths: centimetres unless inches were chosen. */
export function shownUnit(request: Request): LengthUnit {
  const cookies = request.headers.get("Cookie") ?? "";
  return new RegExp(`(?:^|;\\s*)${UNIT_COOKIE}=in(?:;|$)`).test(cookies) ? "in" : "cm";
}

/** Header value that remembers a unit for a year. */
export const rememberUnit = (unit: LengthUnit): string =>
  `${UNIT_COOKIE}=${unit}; Path=/; Max-Age=31536000; SameSite=Lax; HttpOnly`;
