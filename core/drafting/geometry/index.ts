export { curvatureAt, directionAt, placeAt, speedAt } from "./along.ts";
export { areaWithin, clockwise } from "./area.ts";
export { atCorners } from "./corners.ts";
export { CROSSING_TOLERANCE, type Crossing, crossings } from "./crossing.ts";
export {
  asCurved,
  backward,
  type Curved,
  curved,
  type Edge,
  mapped,
  mirrored,
  placesOf,
  reversed,
  type Straight,
  shifted,
  sizeOf,
  straight,
} from "./edge.ts";
export { type End, type Fullness, type Join, joinOf, PLAIN, smoothCurve } from "./join.ts";
export { LENGTH_TOLERANCE, lengthOfEdge, lengthOfEdges, parameterAt } from "./length.ts";
export { lengthNearest } from "./nearest.ts";
export { OFFSET_TOLERANCE, offsetOf } from "./offset.ts";
export { closedPath, pathData } from "./path.ts";
export {
  angleBetween,
  between,
  cross,
  distance,
  dot,
  lengthOf,
  moved,
  offLine,
  type Point,
  point,
  square,
  times,
  turned,
  unit,
  type Vector,
  way,
} from "./point.ts";
export { partAlong } from "./run.ts";
export { partOf, split, splitAtLength } from "./split.ts";
export { standingAlong } from "./standing.ts";
export { smoothThrough } from "./through.ts";
export { trued } from "./trued.ts";
export { placeAlong, type Walk, walkAlong } from "./walk.ts";
export { isWithin } from "./within.ts";
