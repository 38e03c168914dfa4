import { createCookie } from "react-router";
import type { InchStep, LengthUnit } from "../../../core/units/index.ts";

/** How this browser shows lengths. */
export interface ShownLengths {
  readonly unit: LengthUnit;
  readonly inchStep: InchStep;
}

/** Both are remembered for a year. */
const REMEMBERED = { path: "/", maxAge: 31_536_000, sameSite: "lax", httpOnly: true } as const;

const unitCookie = createCookie("stenz_unit", REMEMBERED);
const stepCookie = createCookie("stenz_inch_step", REMEMBERED);

/** How this browser shows lengths: centimetres, and inches to the eighth, unless it was chosen otherwise. */
export async function shownLengths(request: Request): Promise<ShownLengths> {
  const cookies = request.headers.get("Cookie");
  const [unit, step] = await Promise.all([unitCookie.parse(cookies), stepCookie.parse(cookies)]);
  return { unit: unit === "in" ? "in" : "cm", inchStep: step === 16 ? 16 : 8 };
}

/** Header values that remember a choice. */
export const rememberUnit = (unit: LengthUnit): Promise<string> => unitCookie.serialize(unit);
export const rememberInchStep = (step: InchStep): Promise<string> => stepCookie.serialize(step);
