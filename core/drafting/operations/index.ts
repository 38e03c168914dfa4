export { type Blend, blendArea, offsetAt, slopeAt } from "./blend.ts";
export { letOut, letOutAlong } from "./letOut.ts";
export type { Operation } from "./operation.ts";
export { OPERATIONS, type OperationCall, type OperationReport, operate } from "./operations.ts";
export { areaBetween, laidOver, stationsOf, type Traced } from "./trace.ts";
