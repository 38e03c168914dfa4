import type { MeasureCode } from "../../body/index.ts";
import type { Change } from "./change.ts";

/** What a change does to one length of the plan. */
export interface LengthEffect {
  readonly lengthId: string;
  /** Signed, as cut, mm. */
  readonly byMm: number;
}

/** What is read of a change to see which lengths it moves. */
export type LengthChanging = Pick<Change, "lengthId" | "amountMm" | "parts">;

/** The lengths of the plan that a change moves, each by its own amount: those of its parts, else the one it names. */
export function lengthEffects({ lengthId, amountMm, parts }: LengthChanging): LengthEffect[] {
  const apart = parts.filter((part) => part.lengthId !== "");
  if (parts.length > 0) return apart.map((part) => ({ lengthId: part.lengthId, byMm: part.amountMm }));
  return lengthId !== "" && amountMm !== null ? [{ lengthId, byMm: amountMm }] : [];
}

/** A length with the body lengths it runs along. */
export interface LengthAlong {
  readonly id: string;
  readonly codes: readonly MeasureCode[];
}

/**
 * True where a change of one length changes another: it is the same, or all of it lies within the other, as the back
 * waist lies within the trunk.
 */
export function liesWithin(changedId: string, length: LengthAlong, all: readonly LengthAlong[]): boolean {
  if (changedId === length.id) return true;
  const inner = all.find(({ id }) => id === changedId)?.codes ?? [];
  return inner.length > 0 && inner.every((code) => length.codes.includes(code));
}
