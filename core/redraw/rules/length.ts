import { call, type Draft, pieceOf } from "../../drafting/index.ts";
import type { Change } from "../../fitting/index.ts";
import { type DrawnHalf, onHalves } from "./amounts.ts";
import { atOneSide, type DrawRule, ENDS_IN_THE_MIDDLE, instead, NO_AMOUNT } from "./rule.ts";

/** Places whose length lies below the last level. */
const LOW: readonly string[] = ["frontCrotch", "seat", "crotch"];

/** Lengths that lie above the waist, and those below it. */
const ABOVE: readonly string[] = ["frontWaist", "backWaist", "trunk", "depth"];
const BELOW: readonly string[] = ["frontRise", "backRise", "skirtFront", "skirtBack", "below"];

/** A length is given or taken at a line across the piece; front and back run out to one amount at the side. */
export const drawLength: DrawRule = (change, draft) => {
  const { halves, side } = onHalves(change, draft);
  if (/\bstrap\b/.test(change.pieces)) return instead("Straps are strips: cut them by their new length.");
  if (change.amountMm === null && halves.length === 0) return NO_AMOUNT;
  if (halves.length === 0) return instead("It names no piece that is drawn: change it on the pattern.");
  const given = atOneSide(
    change,
    halves.map(({ half, centre }) => ({ half, centre, side })),
  );
  if (!given) return ENDS_IN_THE_MIDDLE;
  return { calls: given.map(({ half, ...amounts }) => lengthened(change, draft, half, amounts)) };
};

/** A half made longer or shorter where the change's length lies on it. */
export function lengthened(
  change: Pick<Change, "lengthId" | "spot" | "parts">,
  draft: Draft,
  half: DrawnHalf,
  amounts: { readonly centre: number; readonly side: number },
) {
  const [from, to] = bandFor(change, draft, half);
  return call("lengthen", { piece: half, from, to, ...amounts });
}

/** Between which levels a length is changed on a half. */
function bandFor(
  { lengthId, spot, parts }: Pick<Change, "lengthId" | "spot" | "parts">,
  draft: Draft,
  half: DrawnHalf,
): readonly [from: string, to: string] {
  const levels = pieceOf(draft, half).levels.map(({ level }) => level);
  const id = parts.find((part) => part.id === half)?.lengthId || lengthId;
  const waist = levels.indexOf("waist");
  const after = (at: number) => levels[at + 1] ?? "bottom";
  if (ABOVE.includes(id) && !LOW.includes(spot) && waist !== -1) return [levels[waist - 1] ?? "top", "waist"];
  if (LOW.includes(spot) || !BELOW.includes(id)) return [levels.at(-1) ?? "top", "bottom"];
  return waist === -1 ? [levels[0] ?? "top", after(0)] : ["waist", after(waist)];
}
