export { ownPattern } from "./calculation.ts";
export { type FilePiece, takeInBuilt, takeInPieces, takeInWrap } from "./takeIn.ts";
export { NO_PATTERN, type OwnEdge, type OwnOutline, type OwnPattern } from "./working.ts";
