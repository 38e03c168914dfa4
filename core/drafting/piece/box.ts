import { type Edge, type Point, point } from "../geometry/index.ts";
import { placesAlong } from "./flatten.ts";

/** An upright box, mm. */
export interface Box {
  readonly from: Point;
  readonly to: Point;
}

/**
 * The smallest upright box round edges, to a thousandth of their size.
 * @param edges one or more.
 */
export function boxOfEdges(edges: readonly Edge[]): Box {
  const places = edges.flatMap((edge) => [...placesAlong(edge), edge.to]);
  const [xs, ys] = [places.map(({ x }) => x), places.map(({ y }) => y)];
  return { from: point(Math.min(...xs), Math.min(...ys)), to: point(Math.max(...xs), Math.max(...ys)) };
}
