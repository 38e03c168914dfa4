import type { LengthUnit } from "../../units/index.ts";
import type { MeasureCode, Side } from "../measure.ts";
import type { MeasuredValue } from "../sheetValues.ts";

/** A repair that can be taken with one click: what the typed text should have been. */
export interface Repair {
  /** What went wrong, by name: `digits swapped`. */
  readonly slip: string;
  readonly code: MeasureCode;
  readonly side: Side;
  readonly mm: number;
  /** The text it was to be, where the slip is in the text: `39 7/8`; null where the number is another. */
  readonly text: string | null;
  /** A digit had to be made up for it. */
  readonly madeUp: boolean;
  /** The other side, which takes this one's value, where left was taken for right. */
  readonly swapsWith?: { readonly code: MeasureCode; readonly side: Side; readonly mm: number; readonly text: string };
}

/** Something about the sheet worth a second look. A check asks; it never blocks saving. */
export interface CheckFinding {
  /** Stable id of the rule, for example `body.range`. */
  readonly ruleId: string;
  readonly code: MeasureCode;
  readonly side: Side;
  /** Sentence with places such as `{waist}` for the lengths in {@link lengths}. */
  readonly template: string;
  /** Millimetres for the places in the template. */
  readonly lengths: Readonly<Record<string, number>>;
  /** Slips of the pen that would explain it, the likeliest first; at most two. */
  readonly repairs?: readonly Repair[];
}

/** What a check may look at. */
export interface CheckInput {
  readonly values: readonly MeasuredValue[];
  /** The sheet's unit: tells which slips of the pen are possible. */
  readonly unit: LengthUnit;
  /** Values of this wearer's last sheet before it; left out where there is none. */
  readonly earlier?: readonly MeasuredValue[] | undefined;
  /** A child: it is asked about by the sizes of children. Left out for a grown body. */
  readonly isChild?: boolean | undefined;
  /** The wearer measured alone. */
  readonly selfMeasured?: boolean | undefined;
}

/** One rule over a sheet; adding a check is adding a file that exports one. */
export interface CheckRule {
  readonly id: string;
  readonly title: string;
  evaluate(input: CheckInput): CheckFinding[];
}
