import type { CuttingLine } from "../../../core/fitting/cuttingTable.ts";

/** What is done, as an order; the amount stands behind it. */
export const DOING_WORDS: Readonly<Record<CuttingLine["doing"], string>> = {
  spread: "Cut apart and spread",
  overlap: "Fold out",
  add: "Add",
  takeOff: "Take off",
  move: "Move",
  work: "Do",
};
