export { type Blend, blendArea, offsetAt, slopeAt } from "./blend.ts";
export { letOut } from "./letOut.ts";
