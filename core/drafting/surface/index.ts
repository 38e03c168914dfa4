export { arcLength } from "./arc.ts";
export { type Breast, type BreastMeasures, breastOf, surfaceAt } from "./breast.ts";
export { type CupEdge, type CupStrain, FINE_NET, type FlatCup, flatCup, type NetSize, QUICK_NET } from "./cupPiece.ts";
export { CUP_SEAMS, type CupPatch, type CupSeams, cupPatches, type SeamsMoved, strapAngle } from "./cupSeams.ts";
export { flattened } from "./flattened.ts";
export { type Net, netPlace, threadsOf } from "./net.ts";
export type { Place3 } from "./place.ts";
export { type RootOutline, rootOutline } from "./rootOutline.ts";
