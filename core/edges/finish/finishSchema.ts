import { Type } from "typebox";

/** Widest allowance of a habit, mm. */
export const WIDEST_HABIT_MM = 60;

const allowance = () => Type.Number({ minimum: 0, maximum: WIDEST_HABIT_MM });

/** The allowances of a workshop as they are kept. Meanings as in `FinishSettings`. */
export const finishSettingsSchema = Type.Object(
  {
    ...{ overlockMm: allowance(), lingerieMm: allowance(), lappedMm: allowance(), wovenMm: allowance() },
    ...{ corsetMm: allowance(), hemOverlockMm: allowance(), hemRolledMm: allowance() },
  },
  { additionalProperties: false },
);
