export { arcThrough, arcTo } from "./arcThrough.ts";
export { bodyHalf } from "./bodyHalf.ts";
export { garmentPath } from "./garment.ts";
export {
  CENTRE,
  FIELD,
  FIGURE_VIEWS,
  type FigureView,
  LEVEL,
  legLine,
  levelLine,
  type Place,
  type TrunkView,
} from "./geometry.ts";
export { ARM_PATHS, HAIR, HEAD_PATH, OUTLINES, TRAITS, TRUNK_PATH } from "./outline.ts";
export { SIDE_ARM_PATH, SIDE_HAIR, SIDE_HEAD_PATH, SIDE_PATH, SIDE_TRAITS } from "./sideOutline.ts";
export { type Point, smooth } from "./smooth.ts";
export { TAPE_VIEWS, type TapePath, type TapeView, tapeWays } from "./tapePaths.ts";
