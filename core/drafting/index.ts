export * from "./checks/index.ts";
export type {
  Clearance,
  Draft,
  DraftNumber,
  EdgeTurn,
  ElasticEdge,
  LengthLimit,
  LengthNeed,
  Meeting,
  OneLine,
  PlannedLevel,
  PlannedLoop,
  Run,
} from "./draft.ts";
export { draftLine, draftSchema } from "./draftSchema.ts";
export * from "./geometry/index.ts";
export * from "./joined/index.ts";
export { type DraftGirth, girthsOf, pieceOf, runLength } from "./measured.ts";
export * from "./operations/index.ts";
export * from "./parted/index.ts";
export * from "./piece/index.ts";
export * from "./recipes/index.ts";
export * from "./stated/index.ts";
export { carriesCups, stillRound } from "./stillRound.ts";
export * from "./surface/index.ts";
export * from "./triangles/index.ts";
