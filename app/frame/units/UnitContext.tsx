import { createContext, useContext } from "react";
import {
  formatAmount,
  formatDifference,
  formatLength,
  formatLengthWithUnit,
  type LengthUnit,
  lengthsInText,
} from "../../../core/units/index.ts";
import type { ShownLengths } from "../preferences/preferences.ts";

/** How lengths are shown, switched in one place for all screens. */
export const UnitContext = createContext<ShownLengths>({ unit: "cm", inchStep: 8 });

/** Ways of writing lengths in the unit shown. */
export interface LengthWriter {
  readonly unit: LengthUnit;
  /** `71.8` */
  bare(mm: number): string;
  /** `71.8 cm` */
  length(mm: number): string;
  /** `−6 mm` */
  difference(mm: number): string;
  /** `18 mm` */
  amount(mm: number): string;
  /** A sentence of the core with the lengths in it in the unit shown. */
  told(text: string): string;
}

/** The writer for the unit shown. */
export function useLengths(): LengthWriter {
  const { unit, inchStep } = useContext(UnitContext);
  return {
    unit,
    bare: (mm) => formatLength(mm, unit, inchStep),
    length: (mm) => formatLengthWithUnit(mm, unit, inchStep),
    difference: (mm) => formatDifference(mm, unit),
    amount: (mm) => formatAmount(mm, unit),
    told: (text) => lengthsInText(text, unit),
  };
}
