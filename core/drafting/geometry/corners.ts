import { directionAt } from "./along.ts";
import type { Edge } from "./edge.ts";
import { angleBetween } from "./point.ts";

/** Lines that turn by less than this where they meet are one edge, degrees: a curve of short ways turns less, a corner of a piece more. */
const CORNER_DEGREES = 25;

/**
 * A closed outline parted at its corners: the edges a piece is spoken of by.
 * @returns the runs between corners, the first beginning at the first corner; the whole outline where it has none.
 */
export function atCorners(outline: readonly Edge[]): Edge[][] {
  const first = outline.findIndex((line, at) => turnsAt(outline.at(at - 1), line));
  if (first === -1) return outline.length === 0 ? [] : [[...outline]];
  const runs: Edge[][] = [];
  for (const line of [...outline.slice(first), ...outline.slice(0, first)]) {
    const run = runs.at(-1);
    if (run && !turnsAt(run.at(-1), line)) run.push(line);
    else runs.push([line]);
  }
  return runs;
}

function turnsAt(before: Edge | undefined, after: Edge): boolean {
  const [arriving, leaving] = [before && directionAt(before, 1), directionAt(after, 0)];
  return arriving && leaving ? Math.abs(angleBetween(arriving, leaving)) * (180 / Math.PI) > CORNER_DEGREES : true;
}
