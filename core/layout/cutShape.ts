import type { Point } from "../drafting/index.ts";

/** How a piece must lie beside what its direction asks: anywhere, with its fold on that of the cloth, or an edge on the border. */
export type Bound = "free" | "fold" | "border";

/** A piece as it is cut, turned as it lies on the roll. mm */
export interface CutShape {
  /** Its set and its own name: unique among those that are laid. */
  readonly id: string;
  readonly name: string;
  /** Round it along its cut line, x along the roll; its least x and y are 0. */
  readonly outline: readonly Point[];
  /** Round it along its seam line, in the same places. */
  readonly seam: readonly Point[];
  readonly bound: Bound;
  /** How many of each way of it are laid: as drawn, and turned over. */
  readonly copies: { readonly drawn: number; readonly over: number };
  /** True where turned over it is as well: cloth that lies double cuts both at once, or it is alike both ways. */
  readonly eitherWay: boolean;
  /** The place that lies on the motif. */
  readonly anchor: Point;
  /** Area of one of it, mm². */
  readonly areaMm2: number;
  /** How many garment pieces one of it on the table gives: 2 where both layers are used. */
  readonly gives: number;
}

/** One piece to lay. */
export interface Copy {
  readonly shape: CutShape;
  /** Turned over: mirrored across the roll. */
  readonly over: boolean;
}

/** Where a copy lies, mm: what is added to its outline as it is turned. */
export interface Placed extends Copy {
  /** Head to foot. */
  readonly turned: boolean;
  readonly x: number;
  readonly y: number;
}

/** Every piece to lay, one by one. */
export const copiesOf = (shapes: readonly CutShape[]): Copy[] =>
  shapes.flatMap((shape) => [
    ...Array.from({ length: shape.copies.drawn }, () => ({ shape, over: false })),
    ...Array.from({ length: shape.copies.over }, () => ({ shape, over: true })),
  ]);

/** Places of a shape turned over, head to foot, or both: its least x and y stay 0. */
export function waysOf(
  shape: Pick<CutShape, "outline">,
  places: readonly Point[],
  over: boolean,
  turned: boolean,
): Point[] {
  const { lengthMm, widthMm } = sizeOfShape(shape);
  return places.map(({ x, y }) => ({
    x: turned ? lengthMm - x : x,
    y: over === turned ? y : widthMm - y,
  }));
}

/** How much of the roll a shape takes, along and across, mm. */
export const sizeOfShape = ({
  outline,
}: Pick<CutShape, "outline">): { readonly lengthMm: number; readonly widthMm: number } => ({
  lengthMm: Math.max(...outline.map(({ x }) => x)),
  widthMm: Math.max(...outline.map(({ y }) => y)),
});

/** The outline of a piece where it lies on the table, mm. */
export const placedOutline = ({ shape, over, turned, x, y }: Placed, places = shape.outline): Point[] =>
  waysOf(shape, places, over, turned).map((place) => ({ x: place.x + x, y: place.y + y }));
