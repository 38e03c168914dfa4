import type { Zone } from "../ease/zones.ts";

import { type Point, smooth } from "./smooth.ts";

/** The views that show the trunk from the front or the back. */
export type TrunkView = "front" | "back";

/** A view of the figure; from the side it shows the wearer's left. */
export type FigureView = TrunkView | "side";

/** All views, in the order they are shown. */
export const FIGURE_VIEWS = ["front", "side", "back"] as const satisfies readonly FigureView[];

/** Size of the figure's drawing field; every place on it is kept as a part of this. */
export const FIELD = { width: 220, height: 400 } as const;

/** The middle of the body. */
export const CENTRE = 110;

/** Height of each level on the figure. */
export const LEVEL: Readonly<Record<Exclude<Zone, "leg" | "arm">, number>> & { readonly crotch: number } = {
  overbust: 108,
  bust: 124,
  underbust: 145,
  waist: 178,
  highHip: 206,
  hip: 236,
  crotch: 258,
};

/** Right half of the trunk and leg, from the neck down the outside and up the inside; x counts from the centre. */
const TRUNK: readonly Point[] = [
  [10.5, 44],
  [11, 58],
  [17, 67],
  [33, 73],
  [44, 82],
  [41.5, 100],
  [41, 116],
  [38.5, 136],
  [33.5, 160],
  [32, 176],
  [37, 194],
  [44, 212],
  [49, 234],
  [49.5, 256],
  [46.5, 288],
  [41, 324],
  [36.5, 356],
  [35.5, 392],
];
const INNER_LEG: readonly Point[] = [
  [11.5, 392],
  [12.5, 356],
  [11, 316],
  [7, 284],
  [3.5, 264],
  [0, 259],
];
const ARM: readonly Point[] = [
  [38, 78],
  [49, 88],
  [56, 112],
  [60, 146],
  [66, 178],
  [71, 208],
  [73, 226],
  [69, 240],
  [64, 236],
  [62, 218],
  [57, 196],
  [50, 166],
  [45.5, 132],
  [42, 104],
];

/** Outline of trunk and legs, closed. */
export const TRUNK_PATH = closedOutline();

/** Outlines of the arms, drawn behind the trunk. */
export const ARM_PATHS = [1, -1].map((direction) => `${smooth(mirror(ARM, direction))} Z`);

/** The leg line of a brief on one side: from the hip at the side down to the crotch. */
export function legLine(side: "viewerLeft" | "viewerRight", view: TrunkView): string {
  const direction = side === "viewerRight" ? 1 : -1;
  const x = (offset: number) => CENTRE + direction * offset;
  const sag = view === "front" ? 238 : 268;
  return `M ${x(50)} 212 C ${x(38)} ${sag - 8}, ${x(22)} ${sag + 4}, ${x(4)} 262`;
}

/** A level line round the body, bowed as seen from a little above. */
export function levelLine(y: number, bow = 5): string {
  return `M ${CENTRE - 60} ${y} Q ${CENTRE} ${y + 2 * bow} ${CENTRE + 60} ${y}`;
}

/** A place on the figure as parts of its field, 0 to 1. */
export interface Place {
  readonly view: FigureView;
  readonly x: number;
  readonly y: number;
}

function mirror(points: readonly Point[], direction: number): Point[] {
  return points.map(([x, y]) => [CENTRE + direction * x, y]);
}

function closedOutline(): string {
  const right = mirror([...TRUNK, ...INNER_LEG], 1);
  const left = mirror([...TRUNK, ...INNER_LEG], -1).reverse();
  return `${smooth(right)} ${smooth(left).replace("M", "L")} Z`;
}
