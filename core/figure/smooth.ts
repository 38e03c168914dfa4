import { curveCardinal, line } from "d3-shape";

/** A point of the drawing field. */
export type Point = readonly [x: number, y: number];

/** Decimals a path is written with: a tenth of the field's unit is less than a line is wide. */
const DECIMALS = 1;

const curve = line<Point>()
  .x(([x]) => x)
  .y(([, y]) => y)
  // Without tension: the uniform Catmull–Rom curve.
  .curve(curveCardinal.tension(0))
  .digits(DECIMALS);

/** One smooth curve through all points (Catmull–Rom, as cubic Béziers). */
export const smooth = (points: readonly Point[]): string => curve(points) ?? "";
