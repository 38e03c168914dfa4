export { isPiecesId, PIECES, PIECES_IDS, type PiecesId, recipeOfPieces } from "./calculations.ts";
export { edgeName, edgeOnBody } from "./edgeOnBody.ts";
export { explainEdge, explainGirth } from "./explainMeasured.ts";
export { levelName } from "./levelName.ts";
export { type LookedThrough, lookThrough } from "./lookedThrough.ts";
export type { SetOptions } from "./optionFields.ts";
export type { PieceFacts } from "./pieceFacts.ts";
export type { PiecesReckoning } from "./reckonPieces.ts";
export type { BodyWay, StretchOnBody } from "./stretchOnBody.ts";
