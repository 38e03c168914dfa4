import type { LengthUnit } from "../units/index.ts";
import type { CheckAnswer } from "./checks/answer.ts";
import type { MeasureCode, Side } from "./measure.ts";
import type { MeasuredValue, TapeSchool } from "./sheetValues.ts";

/** What was worn under the tape. */
export type WornUnder = "nothing" | "thin_bra" | "binder_free";

/** Choices for what was worn under the tape, with their words. */
export const WORN_UNDER: readonly { readonly id: WornUnder; readonly words: string }[] = [
  { id: "nothing", words: "nothing" },
  { id: "thin_bra", words: "a thin bra" },
  { id: "binder_free", words: "binder-free underwear" },
];

/** A measure that could not or should not be taken, with the reason. */
export interface NotTaken {
  readonly code: MeasureCode;
  readonly side: Side;
  readonly reason: string;
}

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
  /** The wearer took the measures alone: those that need a helper are marked. */
  readonly selfMeasured?: boolean;
  readonly wornUnder?: WornUnder;
  /** The wearer's consent to the measures taken and to notes kept, in words. */
  readonly consent?: string;
  readonly notes: string;
  readonly values: readonly MeasuredValue[];
  readonly notTaken?: readonly NotTaken[];
  /** What the maker answered to the checks of this sheet. */
  readonly answers?: readonly CheckAnswer[];
}

/** The sheet of the same wearer taken before one, the newest of them; undefined for the first. */
export const sheetBefore = (
  { id, takenOn }: Pick<Sheet, "id" | "takenOn">,
  sheets: readonly Sheet[],
): Sheet | undefined =>
  sheets
    .filter((other) => other.takenOn < takenOn || (other.takenOn === takenOn && other.id < id))
    .reduce<Sheet | undefined>((newest, other) => (newest && isLater(newest, other) ? newest : other), undefined);

const isLater = (a: Sheet, b: Sheet): boolean => a.takenOn > b.takenOn || (a.takenOn === b.takenOn && a.id > b.id);

/** Which of the sheets of one day a sheet is, from 1 in the order they were taken; null for the only one of its day. */
export function ofItsDay(
  { id, takenOn }: Pick<Sheet, "id" | "takenOn">,
  sheets: readonly Pick<Sheet, "id" | "takenOn">[],
): number | null {
  const day = sheets.filter((other) => other.takenOn === takenOn).toSorted((a, b) => a.id - b.id);
  return day.length < 2 ? null : day.findIndex((other) => other.id === id) + 1;
}
