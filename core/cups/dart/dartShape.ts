type Point = readonly [x: number, y: number];

/** A gape and the dart it becomes, drawn to scale around the apex at (0, 0); upwards is less. mm. */
export interface DartShape {
  /** The piece as it gapes: its edge, and the wedge that is pinched out. */
  readonly edge: readonly Point[];
  readonly wedge: readonly Point[];
  /** The piece turned: the edge with its corner, the same edge trued, the new seam and the dart in it. */
  readonly cornered: readonly Point[];
  readonly trued: string;
  readonly seam: readonly Point[];
  readonly dart: readonly Point[];
  /** The cloth of the piece before and after, for its tone. */
  readonly clothBefore: readonly Point[];
  readonly clothAfter: readonly Point[];
}

/** How much of the edge and of the seam is drawn to each side of the dart, mm. */
const BESIDE_MM = 60;

/** Along the edge over which a corner is trued, on each side, as a part of what is drawn. */
const TRUED_PART = 0.75;

/**
 * The shapes of a turned dart. Before, the edge is one line, and a wedge of the dart's angle from it to the apex is too
 * much. Closing the wedge turns both halves of the piece by half the angle: the edge gets a corner, which is trued, and
 * the new seam opens by the same angle.
 */
export function dartShape(input: {
  readonly widthMm: number;
  readonly toApexMm: number;
  readonly newToApexMm: number;
  readonly stopMm: number;
  readonly angleDeg: number;
  readonly newWidthMm: number;
}): DartShape {
  const half = ((input.angleDeg / 2) * Math.PI) / 180;
  const edgeY = -input.toApexMm * Math.cos(half);
  const reach = input.widthMm / 2 + BESIDE_MM;
  const seamY = input.newToApexMm;
  const turn = ([x, y]: Point, angle: number): Point => [
    x * Math.cos(angle) - y * Math.sin(angle),
    x * Math.sin(angle) + y * Math.cos(angle),
  ];
  const left = turn([-reach, edgeY], half);
  const right = turn([reach, edgeY], -half);
  const corner: Point = [0, -input.toApexMm];
  const along = (end: Point): Point => [
    corner[0] + (end[0] - corner[0]) * TRUED_PART,
    corner[1] + (end[1] - corner[1]) * TRUED_PART,
  ];
  const [from, to] = [along(left), along(right)];
  const write = ([x, y]: Point) => `${x.toFixed(2)} ${y.toFixed(2)}`;
  const seamEnds = [turn([-BESIDE_MM, seamY], half), turn([BESIDE_MM, seamY], -half)] as const;
  const legs = [turn([0, seamY], half), turn([0, seamY], -half)] as const;
  return {
    edge: [
      [-reach, edgeY],
      [reach, edgeY],
    ],
    wedge: [
      [-input.widthMm / 2, edgeY],
      [0, 0],
      [input.widthMm / 2, edgeY],
    ],
    cornered: [left, corner, right],
    // Smooth through the corner: the two lines are the tangents at the ends of the trued part.
    trued: `M ${write(left)} L ${write(from)} Q ${write(corner)} ${write(to)} L ${write(right)}`,
    seam: [seamEnds[0], legs[0], legs[1], seamEnds[1]],
    dart: [legs[0], [0, input.stopMm], legs[1]],
    clothBefore: [
      [-reach, edgeY],
      [reach, edgeY],
      [BESIDE_MM, seamY],
      [-BESIDE_MM, seamY],
    ],
    clothAfter: [left, corner, right, seamEnds[1], legs[1], [0, input.stopMm], legs[0], seamEnds[0]],
  };
}
