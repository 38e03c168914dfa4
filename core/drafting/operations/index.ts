export { type Blend, blendArea, offsetAt, slopeAt } from "./blend.ts";
export { hasChannel, raisedWire, type WireEnd, type WireRaise } from "./bra/index.ts";
export { letOut, letOutAlong } from "./letOut.ts";
export type { Operation } from "./operation.ts";
export { call, OPERATIONS, type OperationCall, type OperationReport, operate, saidAlone } from "./operations.ts";
export { panelEdges } from "./panelSeams.ts";
export { areaBetween, laidOver, stationsOf, type Traced } from "./trace.ts";
