import { type Point, smooth } from "./smooth.ts";

/** The figure from its left side, facing left: front outline from the neck down, then the back outline upwards. */
const FRONT: readonly Point[] = [
  [103, 46],
  [102, 60],
  [95, 74],
  [86, 98],
  [75, 118],
  [73, 127],
  [80, 138],
  [88, 150],
  [90, 178],
  [84, 204],
  [83, 226],
  [90, 248],
  [90, 268],
  [86, 296],
  [90, 328],
  [92, 352],
  [95, 382],
  [84, 391],
];
const BACK: readonly Point[] = [
  [116, 391],
  [119, 378],
  [127, 350],
  [123, 328],
  [130, 294],
  [134, 270],
  [143, 250],
  [146, 234],
  [139, 206],
  [125, 178],
  [130, 148],
  [137, 112],
  [133, 84],
  [122, 66],
  [118, 56],
  [118, 44],
];

/** Closed outline of the figure from the side. */
export const SIDE_PATH = `${smooth(FRONT)} L ${smooth(BACK).slice(2)} Z`;

/** The arm as it hangs, seen from the side. */
export const SIDE_ARM_PATH = `${smooth([
  [112, 80],
  [104, 96],
  [103, 140],
  [106, 178],
  [101, 216],
  [103, 238],
  [113, 238],
  [117, 216],
  [120, 178],
  [124, 140],
  [124, 100],
  [119, 84],
])} Z`;

/** Face seen from the side. */
export const SIDE_HEAD_PATH =
  "M 118 46 C 128 40, 128 10, 110 8 C 97 8, 94 18, 95 25 L 91 33 L 95 36 C 95 44, 99 47, 104 47 Z";
