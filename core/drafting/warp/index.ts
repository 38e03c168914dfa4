export { amountAt, type Band, bandOf, eased, partDown } from "./band.ts";
export { type Warp, warpedEdges } from "./warp.ts";
export { warpedPiece } from "./warpedPiece.ts";
