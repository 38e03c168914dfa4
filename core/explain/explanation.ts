/** How a number of an explanation is written out. */
export type NumberUnit =
  | "length"
  | "difference"
  | "amount"
  | "percent"
  | "ratio"
  | "tension"
  | "pressure"
  | "count"
  | "force"
  /** Newtons per centimetre of width. */
  | "linePressure"
  /** cm³. */
  | "volume"
  | "degrees";

/** Whose number it is: told apart by word and style wherever numbers are shown. */
export type NumberKind = "body" | "garment" | "cloth" | "setting" | "finding" | "result";

/** One symbol of a formula with this job's number. */
export interface Term {
  readonly symbol: string;
  readonly meaning: string;
  readonly value: number;
  readonly unit: NumberUnit;
  readonly kind: NumberKind;
  /** Where the number comes from, in words. */
  readonly source: string;
}

/** Everything behind one computed number. */
export interface Explanation {
  readonly title: string;
  /** Formula in the symbols of {@link terms}, result first: `G = B / (1 + u · s)`. */
  readonly formula: string;
  readonly terms: readonly Term[];
  readonly result: { readonly value: number; readonly unit: NumberUnit };
  /** Further sentences: rounding, floors, cautions. */
  readonly notes: readonly string[];
  /** What to be careful about, where this number asks for it. */
  readonly cautions?: readonly string[];
  /** What the same number would be elsewhere, for example under the other schools. */
  readonly others: readonly { readonly name: string; readonly value: number }[];
}
