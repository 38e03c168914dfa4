import type { Draft } from "../../drafting/index.ts";
import type { Change } from "../../fitting/index.ts";

/** A half of the body that is drawn. */
export type DrawnHalf = "front" | "back";

const HALVES: readonly DrawnHalf[] = ["front", "back"];

/** What a change does to front and back, mm; left out where it leaves one alone. */
type HalfAmounts = Readonly<Partial<Record<DrawnHalf, number>>>;

/** Names in a list of pieces that are drawn halves. */
export const halvesIn = (pieces: string): DrawnHalf[] =>
  HALVES.filter((half) => new RegExp(`\\b${half}\\b`, "i").test(pieces));

/** The amounts of a change by half: those of its parts, or its own shared by the halves it names. */
function amountsOf({ parts, pieces, amountMm }: Pick<Change, "parts" | "pieces" | "amountMm">): HalfAmounts {
  if (parts.length > 0)
    return Object.fromEntries(parts.flatMap((part) => halvesIn(part.pieces).map((half) => [half, part.amountMm])));
  const halves = halvesIn(pieces);
  return amountMm === null ? {} : Object.fromEntries(halves.map((half) => [half, amountMm / halves.length]));
}

/** A change on the halves that are drawn: how much each takes, and the side with them. */
export interface OnHalves {
  readonly halves: readonly { readonly half: DrawnHalf; readonly centre: number }[];
  readonly side: number;
}

/** The amounts of a change on the halves a draft has. */
export function onHalves(
  change: Pick<Change, "parts" | "pieces" | "amountMm">,
  { round }: Pick<Draft, "round">,
): OnHalves {
  const amounts = amountsOf(change);
  const halves = HALVES.flatMap((half) => {
    const centre = amounts[half];
    return centre !== undefined && round.includes(half) ? [{ half, centre }] : [];
  });
  return { halves, side: sideAmount(amounts) };
}

/** What the side takes: front and back run out to the one amount that both have; nothing where one has none or they differ in sign. */
function sideAmount({ front = 0, back = 0 }: HalfAmounts): number {
  if (front * back <= 0) return 0;
  return Math.sign(front) * Math.min(Math.abs(front), Math.abs(back));
}
