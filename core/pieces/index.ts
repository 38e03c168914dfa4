export {
  drawPieces,
  drawsCups,
  isPiecesId,
  PIECES,
  PIECES_IDS,
  type PiecesId,
  recipeOfPieces,
} from "./calculations.ts";
export { clothFor } from "./clothFor.ts";
export type { DrawnJob, DrawnSet, ElasticChange } from "./drawnJob.ts";
export { edgeName, edgeOnBody, statedOnBody } from "./edgeOnBody.ts";
export * from "./elastics/index.ts";
export { explainEdge, explainGirth, explainStated } from "./explainMeasured.ts";
export { levelName } from "./levelName.ts";
export * from "./liked/index.ts";
export { type CutOfJob, drawnSets, type LookedThrough, lookThrough } from "./lookedThrough.ts";
export { onFigure } from "./onFigure.ts";
export { type SetOptions, stepsOf } from "./optionFields.ts";
export * from "./ownPattern/index.ts";
export { NO_PIECES, type PieceFacts } from "./pieceFacts.ts";
export { optionsSet, type PiecesReckoning } from "./reckonPieces.ts";
export type { Decided } from "./said/saidOfOptions.ts";
export { type BodiceEnd, bodiceEnd } from "./skirtFacts.ts";
export { type DrawnStep, MOST_STEPS, STEPS } from "./steps.ts";
export { stepWords } from "./stepWords.ts";
export type { BodyWay, StretchOnBody } from "./stretchOnBody.ts";
export { type TriedOn, triedPanels, triedTurn } from "./triedPanels.ts";
