import type { LengthUnit } from "../units/length.ts";
import type { MeasuredValue, TapeSchool } from "./sheetValues.ts";

/** One dated set of measurements of one wearer. Never overwritten: a later sheet is a new sheet. */
export interface Sheet {
  readonly id: number;
  readonly wearerId: number;
  /** Day of measuring, ISO date. */
  readonly takenOn: string;
  /** Unit of bare numbers on this sheet. */
  readonly unit: LengthUnit;
  readonly tape: TapeSchool;
  readonly measuredBy: string;
  readonly notes: string;
  readonly values: readonly MeasuredValue[];
}
