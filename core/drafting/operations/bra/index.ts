export { hasChannel } from "./braPieces.ts";
export { bridgeWidth } from "./bridgeWidth.ts";
export { cradleDepth } from "./cradleDepth.ts";
export { cupSeam } from "./cupSeam.ts";
export { shiftFullness } from "./fullness.ts";
export { hookEnd } from "./hookEnd.ts";
export { wingLength } from "./wingLength.ts";
export { raisedWire, type WireEnd, type WireRaise, wireRaise } from "./wireRaise.ts";
