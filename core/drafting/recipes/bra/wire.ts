import { WIRE_MOVEMENT_MM } from "../../../band/index.ts";
import type { BodySide } from "../../piece/index.ts";
import type { Given } from "../facts.ts";

/** A wire as it was told, mm. */
export interface Wire {
  /** Along its curve; null where none is picked. */
  readonly lengthMm: number | null;
  /** Straight from tip to tip as worn; null where its line is drawn as wide as the root. */
  readonly tipsMm: number | null;
  readonly restMm: number;
  readonly springMm: number;
  /** What the finishes of both edges take off the channel. */
  readonly foldsMm: number;
  readonly foldTopMm: number;
  readonly foldBridgeMm: number;
  readonly movesMm: number;
}

/**
 * The wire of one side by the options; a nought is one that was not told. Where the sides have their own and only the left's was told,
 * none is picked for the right: that of the left would raise its channel by what the roots differ.
 */
export function wireOf(given: Given, side: BodySide | null): Wire {
  const own = side === "right" && hasOwnWires(given);
  // Where only a length was told for the right, as pieces of before had it, the rest is as on the left.
  const apart = given.choice("wires") === "apart";
  const told = (id: "wire_length" | "wire_tips" | "wire_spring") =>
    own ? given.number(`${id}_right`) || (apart ? 0 : given.number(id)) : given.number(id);
  const [lengthMm, restMm, springMm] = [told("wire_length"), told("wire_tips"), told("wire_spring")];
  const [foldTopMm, foldBridgeMm] = [given.number("fold_top"), given.number("fold_bridge")];
  return {
    lengthMm: lengthMm === 0 ? null : lengthMm,
    tipsMm: restMm === 0 ? null : restMm + springMm,
    ...{ restMm, springMm, foldTopMm, foldBridgeMm, foldsMm: foldTopMm + foldBridgeMm, movesMm: WIRE_MOVEMENT_MM },
  };
}

/** True where each side has a wire of its own. */
export const hasOwnWires = (given: Given): boolean =>
  given.choice("wires") === "apart" || given.number("wire_length_right") > 0;

/** What is free in a channel for the movement of its wire, mm; below 0 the wire is longer. */
export const freeIn = (channelMm: number, { foldsMm, lengthMm }: Wire): number | null =>
  lengthMm === null ? null : channelMm - foldsMm - lengthMm;
