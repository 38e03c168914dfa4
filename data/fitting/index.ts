export { type ChangeRepository, changeRepository } from "./changes.ts";
export type { NewFinding } from "./findingColumns.ts";
export {
  FINDING_ORDERS,
  type FindingOrder,
  type FindingQuery,
  type FoundFindings,
  searchFindings,
} from "./findingSearch.ts";
export { type FittingRepository, fittingRepository } from "./fittings.ts";
export { openFindingsOf } from "./openFindings.ts";
export { type JobPieces, type PiecesRepository, piecesRepository } from "./prototypePieces.ts";
export { type PrototypeRepository, prototypeRepository } from "./prototypes.ts";
export { type ReceivedRepository, receivedRepository } from "./received.ts";
