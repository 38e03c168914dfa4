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

/** The wire of one side by the options: a nought is one that was not told, and for the right side that of the left. */
export function wireOf(given: Given, side: BodySide | null): Wire {
  const told = (id: "wire_length" | "wire_tips") =>
    (side === "right" && given.number(`${id}_right`)) || given.number(id);
  const [lengthMm, restMm, springMm] = [told("wire_length"), told("wire_tips"), given.number("wire_spring")];
  const [foldTopMm, foldBridgeMm] = [given.number("fold_top"), given.number("fold_bridge")];
  return {
    lengthMm: lengthMm === 0 ? null : lengthMm,
    tipsMm: restMm === 0 ? null : restMm + springMm,
    ...{ restMm, springMm, foldTopMm, foldBridgeMm, foldsMm: foldTopMm + foldBridgeMm, movesMm: WIRE_MOVEMENT_MM },
  };
}

/** What is free in a channel for the movement of its wire, mm; below 0 the wire is longer. */
export const freeIn = (channelMm: number, { foldsMm, lengthMm }: Wire): number | null =>
  lengthMm === null ? null : channelMm - foldsMm - lengthMm;
