import type { Change } from "../../fitting/index.ts";

/** A half of the body that is drawn. */
export type DrawnHalf = "front" | "back";

/** What a change does to front and back, mm; left out where it leaves one alone. */
export type HalfAmounts = Readonly<Partial<Record<DrawnHalf, number>>>;

/** Names in a list of pieces that are drawn halves. */
export const halvesIn = (pieces: string): DrawnHalf[] =>
  (["front", "back"] as const).filter((half) => new RegExp(`\\b${half}\\b`, "i").test(pieces));

/** The amounts of a change by half: those of its parts, or its own shared by the halves it names. */
export function amountsOf({ parts, pieces, amountMm }: Pick<Change, "parts" | "pieces" | "amountMm">): HalfAmounts {
  if (parts.length > 0)
    return Object.fromEntries(parts.flatMap((part) => halvesIn(part.pieces).map((half) => [half, part.amountMm])));
  const halves = halvesIn(pieces);
  return amountMm === null ? {} : Object.fromEntries(halves.map((half) => [half, amountMm / halves.length]));
}

/** What the side takes: front and back run out to the one amount that both have; nothing where one has none or they differ in sign. */
export function sideAmount({ front = 0, back = 0 }: HalfAmounts): number {
  if (front * back <= 0) return 0;
  return Math.sign(front) * Math.min(Math.abs(front), Math.abs(back));
}
