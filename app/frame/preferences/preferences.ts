import type { InchStep, LengthUnit } from "../../../core/units/index.ts";

/** How this browser shows lengths. */
export interface ShownLengths {
  readonly unit: LengthUnit;
  readonly inchStep: InchStep;
}

/** Cookies that remember it, for a year. */
const UNIT_COOKIE = "stenz_unit";
const STEP_COOKIE = "stenz_inch_step";

const has = (cookies: string, name: string, value: string): boolean =>
  cookies.split(";").some((cookie) => cookie.trim() === `${name}=${value}`);

/** How this browser shows lengths: centimetres, and inches to the eighth, unless it was chosen otherwise. */
export function shownLengths(request: Request): ShownLengths {
  const cookies = request.headers.get("Cookie") ?? "";
  return {
    unit: has(cookies, UNIT_COOKIE, "in") ? "in" : "cm",
    inchStep: has(cookies, STEP_COOKIE, "16") ? 16 : 8,
  };
}

const remember = (name: string, value: string): string =>
  `${name}=${value}; Path=/; Max-Age=31536000; SameSite=Lax; HttpOnly`;

/** Header values that remember a choice. */
export const rememberUnit = (unit: LengthUnit): string => remember(UNIT_COOKIE, unit);
export const rememberInchStep = (step: InchStep): string => remember(STEP_COOKIE, String(step));
