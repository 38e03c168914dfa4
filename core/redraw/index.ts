export { dartFromGape } from "./dartFromGape.ts";
export { hasLanded, type Landed, type Landing, landedOn } from "./landing.ts";
export { type MovedMark, marksOf } from "./marksOf.ts";
export { type NextPieces, nextPieces } from "./nextPieces.ts";
export { piecesSchema } from "./piecesSchema.ts";
export type { PrototypePieces } from "./prototypePieces.ts";
export { heldAgainst, type RedrawnPlan, type RedrawnStep, redraw } from "./redraw.ts";
export { DRAW_RULES } from "./rules/index.ts";
