import { type Point, smooth } from "./smooth.ts";

/** The figure from its left side, facing left: front outline from the neck down, then the back outline upwards. */
const FRONT: readonly Point[] = [
  [102, 44],
  [101, 56],
  [97, 68],
  [88, 94],
  [75.5, 116],
  [73, 126],
  [78.5, 137],
  [86, 149],
  [88.5, 166],
  [87.5, 182],
  [83.5, 206],
  [83.5, 228],
  [87.5, 250],
  [87.5, 276],
  [88, 306],
  [91, 338],
  [92, 358],
  [96, 374],
  [97, 408],
];
const BACK: readonly Point[] = [
  [126, 408],
  [127, 388],
  [122.5, 364],
  [125, 338],
  [130, 304],
  [133, 280],
  [138, 262],
  [145, 247],
  [146, 232],
  [139, 206],
  [127, 180],
  [127.5, 160],
  [134, 130],
  [136.5, 106],
  [133, 84],
  [123, 68],
  [118.5, 56],
  [118, 40],
];

/** Closed outline of the figure from the side. */
export const SIDE_PATH = `${smooth(FRONT)} L ${smooth(BACK).slice(1)} Z`;

/** The arm as it hangs, seen from the side; open at the shoulder. */
export const SIDE_ARM_PATH = smooth([
  [104, 86],
  [103, 110],
  [105, 140],
  [107, 164],
  [104.5, 190],
  [101.5, 214],
  [100, 236],
  [96, 250],
  [95.5, 268],
  [98, 280],
  [101.5, 291],
  [105.5, 289],
  [107.5, 272],
  [108.5, 252],
  [109.5, 238],
  [114, 214],
  [119.5, 190],
  [121.5, 164],
  [124, 136],
  [125.5, 108],
  [122, 86],
]);

/** The few lines drawn on it. */
export const SIDE_TRAITS: readonly string[] = [
  "M 137 262 C 130 267, 122 268, 115 265",
  "M 79 138 C 86 139, 92 134, 95 126",
];

/** The head from the side, without a face. */
export const SIDE_HEAD_PATH =
  "M 119 44 C 125.5 40, 129 32, 129 23 C 129 10, 121.5 2, 110.5 2 C 99.5 2, 92 9.5, 91.5 20 C 91.3 29, 90.5 38, 93.5 45.5 C 95.5 50, 100.5 51.5, 105 50 C 111 48, 115 46.5, 119 44 Z";

/** The hair from the side, tied back. */
export const SIDE_HAIR: readonly string[] = [
  "M 122 34 C 129 33, 135.5 36.5, 135.5 42.5 C 135.5 48.5, 129.5 51.5, 124 49 C 119.5 47, 118.5 41, 122 34 Z",
  "M 92.5 15 C 94.5 5, 102 0, 111 0 C 123 0, 131 9, 130.5 23.5 C 130.3 32, 127 40, 121.5 44.5 C 116.5 43, 113 38.5, 112.5 32 C 107.5 29, 103 24, 102.5 17 C 99 17, 95.5 16.5, 92.5 15 Z",
];
