import type { Zone } from "../ease/zones.ts";
import type { FigureView, FindingSide } from "../fitting/fitting.ts";
import { type Point, smooth } from "./smooth.ts";

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
export function legLine(side: "viewerLeft" | "viewerRight", view: FigureView): string {
  const direction = side === "viewerRight" ? 1 : -1;
  const x = (offset: number) => CENTRE + direction * offset;
  const sag = view === "front" ? 238 : 268;
  return `M ${x(50)} 212 C ${x(38)} ${sag - 8}, ${x(22)} ${sag + 4}, ${x(4)} 262`;
}

/** A level line round the body, bowed as seen from a little above. */
export function levelLine(y: number, bow = 5): string {
  return `M ${CENTRE - 60} ${y} Q ${CENTRE} ${y + 2 * bow} ${CENTRE + 60} ${y}`;
}

/** The cloth of a brief between the waist and the leg lines. */
export function briefPath(view: FigureView): string {
  const sag = view === "front" ? 238 : 268;
  return [
    `M ${CENTRE - 60} ${LEVEL.waist} Q ${CENTRE} ${LEVEL.waist + 10} ${CENTRE + 60} ${LEVEL.waist}`,
    `L ${CENTRE + 50} 212 C ${CENTRE + 38} ${sag - 8}, ${CENTRE + 22} ${sag + 4}, ${CENTRE + 4} 262`,
    `L ${CENTRE - 4} 262 C ${CENTRE - 22} ${sag + 4}, ${CENTRE - 38} ${sag - 8}, ${CENTRE - 50} 212 Z`,
  ].join(" ");
}

/** A place on the figure as parts of its field, 0 to 1. */
export interface Place {
  readonly view: FigureView;
  readonly x: number;
  readonly y: number;
}

/** The zone of a brief nearest to a place, so that a tap need not be exact. */
export function zoneAt({ x, y }: Place): Zone {
  const at = { x: Math.abs(x * FIELD.width - CENTRE), y: y * FIELD.height };
  const levels: readonly (readonly [Zone, number])[] = [
    ["waist", LEVEL.waist],
    ["highHip", LEVEL.highHip],
    ["hip", LEVEL.hip - 4],
  ];
  const byLevel = levels.map(([zone, level]) => ({ zone, far: Math.abs(at.y - level) }));
  const leg = { zone: "leg" as const, far: distanceToLegLine(at) };
  return [...byLevel, leg].reduce((near, next) => (next.far < near.far ? next : near)).zone;
}

/** Points along the leg line, on the wearer's side away from the centre. */
const LEG_POINTS: readonly Point[] = [
  [50, 212],
  [36, 230],
  [22, 248],
  [10, 258],
  [4, 264],
];

function distanceToLegLine(at: { x: number; y: number }): number {
  return Math.min(...LEG_POINTS.map(([x, y]) => Math.hypot(at.x - x, at.y - y)));
}

/** Half of the strip down the middle in which a finding belongs to both sides. */
const MIDDLE = 9;

/** The wearer's side of a place: from the front her left is on the viewer's right. */
export function sideAt({ view, x }: Place): FindingSide {
  const off = x * FIELD.width - CENTRE;
  if (Math.abs(off) <= MIDDLE) return "both";
  const viewerRight = off > 0;
  return viewerRight === (view === "front") ? "left" : "right";
}

/** Where a pin goes for a zone and side that were chosen by name instead of by a tap. */
export function placeOf(zone: Zone, side: FindingSide, view: FigureView): Place {
  const viewerRight = (side === "left") === (view === "front");
  const direction = side === "both" ? 0 : viewerRight ? 1 : -1;
  if (zone === "leg") {
    const [x, y] = LEG_POINTS[2] as Point;
    return { view, x: (CENTRE + (direction || 1) * x) / FIELD.width, y: y / FIELD.height };
  }
  const level = LEVEL[zone as keyof typeof LEVEL] ?? LEVEL.waist;
  return { view, x: (CENTRE + direction * 24) / FIELD.width, y: (level + (direction === 0 ? 4 : 2)) / FIELD.height };
}

function mirror(points: readonly Point[], direction: number): Point[] {
  return points.map(([x, y]) => [CENTRE + direction * x, y]);
}

function closedOutline(): string {
  const right = mirror([...TRUNK, ...INNER_LEG], 1);
  const left = mirror([...TRUNK, ...INNER_LEG], -1).reverse();
  return `${smooth(right)} ${smooth(left).replace("M", "L")} Z`;
}
