import { CENTRE, type TrunkView } from "./geometry.ts";
import { type Point, smooth } from "./smooth.ts";

/*
 * The figure stands at rest, seen down to below the knee: the head, hands and legs only say where the trunk belongs.
 * All points are of the right half as the viewer sees it; x counts from the centre, y from the top of the field.
 */

/** From the side of the neck to the shoulder. */
const SHOULDER: readonly Point[] = [
  [11, 44],
  [11.3, 56],
  [15.5, 65],
  [28, 71],
  [40, 75.5],
];
/** From the shoulder down the outside of the arm to the finger tips. */
const OUTER_ARM: readonly Point[] = [
  [40, 75.5],
  [48.6, 80.6],
  [54.2, 92],
  [57, 116],
  [58.5, 140],
  [61.5, 163],
  [66.8, 186],
  [70.5, 212],
  [72.8, 234],
  [76, 248],
  [78.4, 262],
  [78.2, 276],
  [77, 287],
  [74.2, 293],
];
/** From the finger tips up the inside of the hand and arm to the armpit. */
const INNER_ARM: readonly Point[] = [
  [74.2, 293],
  [71.6, 289.5],
  [70, 279],
  [68.6, 270],
  [66.6, 276],
  [64.6, 276],
  [63.6, 266],
  [64.6, 250],
  [64.8, 236],
  [61, 214],
  [55.5, 190],
  [51, 168],
  [47.6, 146],
  [45, 124],
  [42, 106],
];
/** From the armpit down the side of the trunk and the outside of the leg, out of the field. */
export const SIDE: readonly Point[] = [
  [42, 106],
  [41.2, 117],
  [38.6, 136],
  [33.8, 160],
  [32, 176],
  [36, 194],
  [43.6, 212],
  [48.8, 234],
  [49.6, 256],
  [47.6, 288],
  [43.4, 324],
  [39, 350],
  [37.2, 366],
  [38.4, 386],
  [39, 408],
];
/** From below the field up the inside of the leg to the crotch. */
const INNER_LEG: readonly Point[] = [
  [11.4, 408],
  [9.6, 388],
  [10.8, 364],
  [9.4, 344],
  [5.6, 312],
  [2.6, 284],
  [1.2, 268],
  [0, 260],
];

const DIRECTIONS = [1, -1] as const;

/** Outline of trunk and legs, closed: what bands, tapes and cloth are cut off at. */
export const TRUNK_PATH = closedOutline();

/** Outlines of the arms, closed, to be filled behind the trunk. */
export const ARM_PATHS = DIRECTIONS.map(
  (direction) => `${smooth(mirror(OUTER_ARM, direction))} ${on(mirror(INNER_ARM, direction))} Z`,
);

/** The lines that are drawn: round both arms and down both sides, up both legs. Arm and trunk part at the armpit. */
export const OUTLINES = DIRECTIONS.flatMap((direction) => [
  `${smooth(mirror([...SHOULDER, ...OUTER_ARM.slice(1)], direction))} ${on(mirror(INNER_ARM, direction))} ${on(mirror(SIDE, direction))}`,
  smooth(mirror(INNER_LEG, direction)),
]);

/** The head from the front or the back. */
export const HEAD_PATH =
  "M 110 2 C 121 2, 127.5 10, 127.5 22 C 127.5 34, 123 45, 115.5 50.5 C 112 53, 108 53, 104.5 50.5 C 97 45, 92.5 34, 92.5 22 C 92.5 10, 99 2, 110 2 Z";

/** The hair, tied back: what of it is seen over the head. */
export const HAIR: Readonly<Record<TrunkView, readonly string[]>> = {
  front: [
    "M 92.8 27 C 90.5 9, 98 0, 110 0 C 122 0, 129.5 9, 127.2 27 C 126 18, 121 11.5, 112.5 9.5 C 105 13, 95.5 17, 92.8 27 Z",
  ],
  back: [
    "M 110 0 C 122.5 0, 129.5 9.5, 128.5 23 C 128 36, 122 46, 115 48.5 H 105 C 98 46, 92 36, 91.5 23 C 90.5 9.5, 97.5 0, 110 0 Z",
    "M 110 31 C 117.5 31, 121 36, 120 42 C 119 48.5, 114.5 51, 110 51 C 105.5 51, 101 48.5, 100 42 C 99 36, 102.5 31, 110 31 Z",
  ],
};

/** The few lines that tell front from back. */
export const TRAITS: Readonly<Record<TrunkView, readonly string[]>> = {
  front: [
    ...both((x) => `M ${x(33)} 127 C ${x(31)} 139, ${x(14)} 143, ${x(4.5)} 130`),
    ...both((x) => `M ${x(6)} 71 C ${x(12)} 73.5, ${x(22)} 72.5, ${x(31)} 75.5`),
    ...both((x) => `M ${x(42)} 106 C ${x(41.5)} 101, ${x(40)} 97, ${x(37.5)} 94`),
    ...both((x) => `M ${x(33)} 352 C ${x(28)} 358, ${x(20)} 358, ${x(15)} 353`),
    `M ${CENTRE} 188 v 4.5`,
  ],
  back: [
    `M ${CENTRE} 78 C ${CENTRE - 1} 110, ${CENTRE - 1} 160, ${CENTRE} 210`,
    ...both((x) => `M ${x(27)} 94 C ${x(17)} 104, ${x(13)} 116, ${x(14)} 128`),
    ...both((x) => `M ${x(42)} 106 C ${x(41)} 101, ${x(39)} 98, ${x(37)} 96`),
    ...both((x) => `M ${x(11)} 211 v 2`),
    `M ${CENTRE} 226 C ${CENTRE - 0.6} 238, ${CENTRE - 0.6} 250, ${CENTRE} 260`,
    ...both((x) => `M ${x(2)} 263 C ${x(9)} 272, ${x(24)} 273, ${x(35)} 266`),
    ...both((x) => `M ${x(31)} 356 C ${x(26)} 353, ${x(20)} 353, ${x(16)} 357`),
  ],
};

/** A line on the right as the viewer sees it, and its like on the left. */
function both(line: (x: (offset: number) => number) => string): string[] {
  return DIRECTIONS.map((direction) => line((offset) => CENTRE + direction * offset));
}

function mirror(points: readonly Point[], direction: number): Point[] {
  return points.map(([x, y]) => [CENTRE + direction * x, y]);
}

/** A curve that goes on from where the last one ended. */
function on(points: readonly Point[]): string {
  return smooth(points).replace("M", "L");
}

function closedOutline(): string {
  const half = (direction: number) => mirror([...SHOULDER, [44.5, 88], ...SIDE], direction);
  return [
    smooth(half(1)),
    on(mirror(INNER_LEG, 1)),
    on(mirror(INNER_LEG, -1).reverse()),
    on(half(-1).reverse()),
    "Z",
  ].join(" ");
}
