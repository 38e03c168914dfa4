import type { MeasureCode, Side } from "../body/index.ts";
import type { Explanation } from "../explain/index.ts";

/** What a working still lacks before it gives a number. */
export type Lack =
  | { readonly what: "measure"; readonly code: MeasureCode; readonly side: Side }
  /** Something the maker would type beside it, in words: `the loop of the draft`. */
  | { readonly what: "entry"; readonly name: string }
  /** Something of the job that is chosen or tested elsewhere, in a sentence. */
  | { readonly what: "plan"; readonly message: string; readonly step?: "corset" | "pieces" };

/** A computed number with its name and the way it was come to. */
export interface Reckoned {
  /** Stable within its working. */
  readonly id: string;
  readonly name: string;
  readonly explanation: Explanation;
}

/** What came of a working: its numbers, or what they lack; what to know, and what to be careful of. */
export interface Reckoning {
  /** What it comes to, in a sentence; left out where the numbers say it. */
  readonly headline?: string | null;
  readonly numbers: readonly Reckoned[];
  readonly lacks: readonly Lack[];
  readonly notes: readonly string[];
  readonly warnings: readonly string[];
}

/** A reckoned number; the explanation's notes and others are empty where left out. */
export const reckoned = (
  id: string,
  name: string,
  explanation: Omit<Explanation, "title" | "notes" | "others"> &
    Partial<Pick<Explanation, "title" | "notes" | "others">>,
): Reckoned => ({ id, name, explanation: { title: name, notes: [], others: [], ...explanation } });

/** All of the values, or null where one is missing. */
export function known<T extends Readonly<Record<string, number | null>>>(
  values: T,
): { readonly [Key in keyof T]: number } | null {
  return Object.values(values).every((value) => value !== null) ? (values as { [Key in keyof T]: number }) : null;
}
