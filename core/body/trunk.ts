import type { MeasureCode } from "./measure.ts";
import { type MeasuredValue, measuredValue } from "./sheetValues.ts";

/** The four measures a trunk loop is made of, from the shoulder down the front and up the back. */
export const TRUNK_CODES = [
  "front_waist",
  "crotch_front",
  "crotch_back",
  "back_waist",
] as const satisfies MeasureCode[];

/** The one trunk loop of a sheet, mm. */
export interface BodyTrunk {
  readonly mm: number;
  /** Taped in one, or the sum of its four parts where it was not. */
  readonly basis: "taped" | "parts";
  /** Sum of the four parts; null where one of them was not taken. */
  readonly partsMm: number | null;
}

/**
 * The trunk loop of a sheet: as taped where it was, else the sum of its four parts. Where both are there the tape rules,
 * and the difference is spread over the parts in proportion to their lengths.
 *
 * @returns null where neither is known.
 */
export function bodyTrunk(values: readonly MeasuredValue[]): BodyTrunk | null {
  const parts = TRUNK_CODES.flatMap((code) => measuredValue(values, code) ?? []);
  const partsMm = parts.length === TRUNK_CODES.length ? parts.reduce((sum, { mm }) => sum + mm, 0) : null;
  const taped = measuredValue(values, "trunk_loop");
  if (taped) return { mm: taped.mm, basis: "taped", partsMm };
  return partsMm === null ? null : { mm: partsMm, basis: "parts", partsMm };
}

/** What a trunk loop is called: always by how it came about. */
export const trunkName = ({ basis }: Pick<BodyTrunk, "basis">): string =>
  basis === "taped" ? "trunk loop, as taped" : "trunk loop, the sum of its four parts";

/** Says how the taped loop and the sum of its parts go together; nothing where only one of them is known. */
export const spreadWords = ({ basis, mm, partsMm }: BodyTrunk): string[] =>
  basis === "taped" && partsMm !== null && Math.abs(mm - partsMm) >= 0.5
    ? [
        `The four parts add up to ${(partsMm / 10).toFixed(1)} cm; the tape rules, and the difference of ${Math.round(mm - partsMm)} mm is spread over them in proportion to their lengths.`,
      ]
    : [];
