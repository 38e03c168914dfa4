import svgpath from "svgpath";

/** How what is drawn lies: a place x, y at a·x + c·y + e, b·x + d·y + f. */
export type Matrix = readonly [a: number, b: number, c: number, d: number, e: number, f: number];

/** Where a drawing lies as its numbers say. */
export const AS_DRAWN: Matrix = [1, 0, 0, 1, 0, 0];

/** A transform as the standard writes it: names with numbers in brackets. What reads it tries every end of what is not. */
const TRANSFORM = /^\s*(?:(?:matrix|translate|scale|rotate|skewX|skewY)\s*\([^()]*\)[\s,]*)*$/;

/** Three places that tell a matrix: where zero goes, and where one goes on either axis. */
const PROBE = "M 0 0 M 1 0 M 0 1";

/**
 * How what is drawn within a group lies outside of it. Groups in one another are one matrix, however many there are.
 * @param transform what the group itself says; nothing where it says none.
 * @returns null for what is no transform.
 */
export function within(outer: Matrix, transform: string | undefined): Matrix | null {
  if (transform === undefined) return outer;
  if (!TRANSFORM.test(transform)) return null;
  const places: number[] = [];
  svgpath(PROBE)
    .transform(transform.replace(/\s+/g, " "))
    .matrix([...outer])
    .iterate((segment) => {
      places.push(Number(segment[1]), Number(segment[2]));
    });
  const [e = 0, f = 0, ax = 0, by = 0, cx = 0, dy = 0] = places;
  return [ax - e, by - f, cx - e, dy - f, e, f];
}
