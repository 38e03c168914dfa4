export { asCut } from "./asCut.ts";
export { type Box, boxOfEdges } from "./box.ts";
export { cutLine } from "./cutLine.ts";
export type { CutPiece, DrawnDart } from "./darts/cutPiece.ts";
export { dartFault } from "./darts/dartFault.ts";
export { FLAT_TOLERANCE, placesAlong } from "./flatten.ts";
export { grainAt, grainDown } from "./grain.ts";
export { outward, type SideEnd, sideRise } from "./lean.ts";
export { type EdgeOfPiece, partnerOf } from "./partner.ts";
export {
  type BodySide,
  type Channel,
  type ClothRole,
  clockwiseEdges,
  type Dart,
  type DrillPoint,
  type EdgeFinish,
  type EdgeRole,
  edgeLength,
  edgeOf,
  type LevelLine,
  levelWidth,
  movedPoints,
  type Notch,
  outlineOf,
  type Piece,
  type PieceEdge,
  pointOf,
  type SeamTo,
  type TakenFrom,
  timesRound,
} from "./piece.ts";
export { seamLine } from "./seamLine.ts";
export { edgeWords, pieceWords } from "./words.ts";
