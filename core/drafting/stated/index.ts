export { type StatedEdge, TRUNK_LOOP } from "./statedEdge.ts";
export { statedLength, statedOf, statedSum } from "./statedLengths.ts";
export { type SeamSide, type StatedSeam, seamOff, statedSeams } from "./statedSeams.ts";
