import type { Term } from "../../explain/index.ts";
import type { SchoolTermInput } from "./school.ts";

/** The one number of habit a school's formula has, from the settings. */
export const habitTerm = (
  symbol: string,
  meaning: string,
  unit: Term["unit"],
  { girth, sources }: SchoolTermInput,
): Term => ({ symbol, meaning, value: girth.habit, unit, kind: "setting", source: sources.settings });

/** The usable stretch of the cloth. */
export const usableTerm = ({ sources: { usable, test } }: SchoolTermInput): Term => ({
  symbol: "s",
  meaning: "usable stretch of the cloth",
  value: usable,
  unit: "ratio",
  kind: "cloth",
  source: test,
});
