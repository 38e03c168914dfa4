import { Type } from "typebox";
import { fail } from "../../../result.ts";
import { levelWidth } from "../../piece/index.ts";
import { operation } from "../operation.ts";
import { amount } from "../params.ts";
import { isOfBand, onBand } from "./braPieces.ts";
import { isWing, longerWing } from "./wing.ts";

/** At least so much of a wing is left, mm. */
const LEAST_MM = 20;

/** `wingLength`: the wings of a band longer or shorter; what lies in front of them stays. */
export const wingLength = operation({
  id: "wingLength",
  name: "Lengthen or shorten the wings",
  about:
    "Makes each wing of a band, or each half of its back, longer (above 0) or shorter, evenly from its side seam on.",
  params: Type.Object({ amount: amount() }, { additionalProperties: false }),
  apply(draft, { amount: amountMm }) {
    const wings = draft.pieces.filter((piece) => isOfBand(draft, piece) && isWing(piece));
    const shortest = Math.min(...wings.flatMap(({ levels }) => levels.map(levelWidth)));
    if (wings.length > 0 && shortest + amountMm < LEAST_MM)
      return fail(
        "wing-too-short",
        `Expected at least ${LEAST_MM} mm of each wing to stay, but it is ${shortest.toFixed(0)} mm and taken in by ${(-amountMm).toFixed(0)} mm.`,
      );
    return onBand(draft, (piece) => (wings.includes(piece) ? longerWing(piece, amountMm) : piece));
  },
});
