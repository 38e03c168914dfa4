import type { MeasureCode } from "../../body/index.ts";
import type { GirthId } from "./girthId.ts";

/** A number of both sides, or of left and right apart, mm. */
export type Sided = number | { readonly left: number; readonly right: number };

/** What a draft is made from. */
export interface DraftFacts {
  readonly measures: Readonly<Record<string, Sided>>;
  readonly girths: Readonly<Record<string, Sided>>;
  readonly lengths: Readonly<Record<string, Sided>>;
  readonly options: Readonly<Record<string, number | string>>;
}

/** The facts of a draft once they were looked through: whatever the recipe needs is there. */
export interface Given {
  /** Of the body, mm; of two sides the larger; null where it was not taken. */
  readonly measure: (code: MeasureCode) => number | null;
  /** Of one side of the body, mm; null where it was not taken. */
  readonly onSide: (code: MeasureCode, side: "left" | "right") => number | null;
  /** G of a zone, mm; of two sides the larger. @throws RangeError where the recipe does not need it and it is not there. */
  readonly girth: (zone: GirthId) => number;
  readonly hasGirth: (zone: GirthId) => boolean;
  /** A length as cut, mm. @throws RangeError as above. */
  readonly cut: (code: MeasureCode) => number;
  readonly hasCut: (code: MeasureCode) => boolean;
  readonly number: (id: string) => number;
  readonly choice: (id: string) => string;
  /** What was taken from one of two sides, in sentences. */
  readonly notes: readonly string[];
}
