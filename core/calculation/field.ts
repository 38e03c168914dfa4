import type { TSchema } from "typebox";

interface Labelled {
  readonly label: string;
  readonly hint?: string;
}

/** What a picked record is: a reference that files renumber, and imports and checks follow. */
export type PickedRecord = "elastic" | "wrap";

/**
 * One field of a calculation and how its text is read. Empty number fields are null, never 0: what is not given is
 * lacking. `length` takes bare numbers in the form's unit, `small` in its small one (mm beside cm), `signed` is a small
 * one that may be below 0.
 */
export type WorkingField = Labelled &
  (
    | { readonly as: "length" | "small" | "signed"; readonly mostMm: number; readonly zero?: boolean }
    /** A small length from so much to so much. */
    | { readonly as: "between"; readonly leastMm: number; readonly mostMm: number }
    | {
        readonly as: "number";
        readonly least: number;
        readonly most: number;
        readonly suffix?: string;
        readonly whole?: boolean;
      }
    | { readonly as: "percent"; readonly least: number; readonly most: number }
    | { readonly as: "choice"; readonly choices: readonly { readonly value: string; readonly label: string }[] }
    /** One of the page's own records, by its id. */
    | { readonly as: "pick"; readonly of: PickedRecord }
    | { readonly as: "text" | "check" }
    /** A day, ISO 8601; null while none was named. */
    | { readonly as: "day" }
    /** Rows of cells, as edges of a pattern are; one counts where a cell named by `rowBy` is filled in. */
    | {
        readonly as: "rows";
        /** What one row is called: `edge`. */
        readonly row: string;
        readonly cells: Readonly<Record<string, WorkingCell>>;
        readonly rowBy: readonly string[];
        readonly most: number;
      }
  );

/** One cell of each row of a list. */
export type WorkingCell = { readonly label: string; readonly hint?: string } & (
  | { readonly as: "text"; readonly needed?: boolean; readonly most: number; readonly wide?: boolean }
  | { readonly as: "length" | "signed" | "small"; readonly mostMm: number }
  | { readonly as: "choice"; readonly choices: readonly { readonly value: string; readonly label: string }[] }
  | { readonly as: "number"; readonly least: number; readonly most: number; readonly suffix?: string }
  | { readonly as: "check" }
  /** A day, ISO 8601; null while none was named. */
  | { readonly as: "day" }
  /** Not typed: it comes and goes with its row. */
  | { readonly as: "unseen"; readonly most: number }
);

/** A value that no field asks for: `amounts` are numbers by name, such as the mm a piece was ticked at; else its own schema. */
export type UnfieldedValue = "amounts" | TSchema;

/** Fields of a working, by the names of its values, in the order they are filled in. */
export type FieldsOf<Working> = { readonly [Key in keyof Working]?: WorkingField };

/** The longest a text of a working may be, letters. */
export const LONGEST_TEXT = 200;

/** A length in the form's unit, above 0 and up to 3 m. */
export const length = (label: string, hint?: string): WorkingField => ({
  as: "length",
  label,
  mostMm: 3000,
  ...(hint ? { hint } : {}),
});

/** A length in the form's small unit, up to so many mm; 0 only where it may be none. */
export const small = (label: string, mostMm: number, hint?: string, zero = false): WorkingField => ({
  as: "small",
  label,
  mostMm,
  zero,
  ...(hint ? { hint } : {}),
});

/** One of a few answers: value and words. */
export const choice = (label: string, choices: readonly (readonly [string, string])[]): WorkingField => ({
  as: "choice",
  label,
  choices: choices.map(([value, words]) => ({ value, label: words })),
});
