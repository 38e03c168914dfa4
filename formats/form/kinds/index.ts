export { choice } from "./choice.ts";
export { anyDay, day } from "./day.ts";
export { type TypedForce, typedForce, typedLoad } from "./force.ts";
export {
  length,
  signedLength,
  smallBetween,
  smallLength,
  smallOrNone,
  swatchLength,
  type TypedLength,
  typedLength,
  typedSmallLength,
} from "./length.ts";
export { type NumberWanted, number, percent, ratio, whole } from "./number.ts";
export { parseId, parseVersion, reference, version } from "./reference.ts";
export { line, notes, optionalLine } from "./text.ts";
export { tick } from "./tick.ts";
export { timeOfDay } from "./time.ts";
