import { asCurved, backward, type Edge } from "./edge.ts";
import { cross } from "./point.ts";

/**
 * What lies within a closed outline, mm², exact for straight and curved edges (Green's theorem): above 0 where it is gone
 * round clockwise as seen with y down. Edges that do not meet give a number that means nothing.
 */
export const areaWithin = (outline: readonly Edge[]): number => outline.reduce((sum, edge) => sum + swept(edge), 0);

/** The area between the origin and an edge: half the integral of x dy − y dx, in closed form over the four places. */
function swept(edge: Edge): number {
  const { from, leave, arrive, to } = asCurved(edge);
  return (
    (6 * cross(from, leave) +
      3 * cross(from, arrive) +
      cross(from, to) +
      3 * cross(leave, arrive) +
      3 * cross(leave, to) +
      6 * cross(arrive, to)) /
    20
  );
}

/** A closed outline gone round clockwise as seen with y down, whichever way it was drawn. */
export const clockwise = (outline: readonly Edge[]): readonly Edge[] =>
  areaWithin(outline) >= 0 ? outline : backward(outline);
