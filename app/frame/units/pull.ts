import { toMmHg } from "../../../core/units/index.ts";
/** A tension as written: `12.4 N/m`. */
export const tension = (nPerM: number): string => `${nPerM.toFixed(nPerM < 100 ? 1 : 0)} N/m`;

/** A pressure as written: `0.28 kPa`. */
export const pressure = (kpa: number): string => `${kpa.toFixed(2)} kPa`;

/** A pressure with the older unit beside it: `0.28 kPa (2 mmHg)`. */
export const pressureBoth = (kpa: number): string => `${pressure(kpa)} (${toMmHg(kpa).toFixed(1)} mmHg)`;
