import { fail, ok, type Result } from "../../result.ts";
import { areaWithin, crossings, distance, type Edge, type Point, point, straight } from "../geometry/index.ts";
import { flattened } from "../surface/index.ts";

/** A straight line that was measured across a flat piece, between two of its corners by their numbers, mm. */
export interface Diagonal {
  readonly from: number;
  readonly to: number;
  readonly mm: number;
}

/** A length that was measured, and what it is on the piece as built, mm. */
export interface BuiltLength {
  /** `edge 2`, `1–3`. */
  readonly name: string;
  readonly measuredMm: number;
  readonly drawnMm: number;
}

/** A piece built from lengths. */
export interface BuiltPiece {
  /** In order, clockwise as seen with y down; the first edge runs level along the top. */
  readonly corners: readonly Point[];
  readonly lengths: readonly BuiltLength[];
  /** By how much the worst of them is missed, mm. */
  readonly misfitMm: number;
}

/** Fewest and most corners of a piece. */
export const CORNERS = { least: 3, most: 24 } as const;

/**
 * Builds a flat piece from the lengths of its edges and of lines across it, triangle by triangle; where more lines were measured than
 * are needed, all of them together are missed by as little as can be (springs as stiff as they are short). Lines across lie within the piece.
 *
 * @param edgesMm from corner 1 to 2, 2 to 3 … and back to the first.
 * @returns it; `corners-outside`, `diagonal-unknown`, `diagonals-too-few` with the corner that is loose, `triangle-contradicts` with the
 *   lengths that close no triangle, or `outline-crosses`.
 */
export function builtPiece(edgesMm: readonly number[], diagonals: readonly Diagonal[]): Result<BuiltPiece> {
  const count = edgesMm.length;
  if (count < CORNERS.least || count > CORNERS.most)
    return fail(
      "corners-outside",
      `Expected ${CORNERS.least} to ${CORNERS.most} edges round the piece, but got ${count}.`,
    );
  const odd = diagonals.find(({ from, to }) => !isAcross(from, to, count));
  if (odd)
    return fail(
      "diagonal-unknown",
      `Expected lines across between two of the corners 1 to ${count} that no edge joins, but got ${odd.from}–${odd.to}.`,
    );
  const known = [
    ...edgesMm.map((mm, at) => ({ name: `edge ${at + 1}`, from: at, to: (at + 1) % count, mm })),
    ...diagonals.map(({ from, to, mm }) => ({ name: `${from}–${to}`, from: from - 1, to: to - 1, mm })),
  ];
  const placed = byTriangles(known, count);
  if (!placed.ok) return placed;
  const needed = 2 * count - 3;
  const corners = known.length > needed ? settled(placed.value, known) : placed.value;
  if (crossesItself(corners))
    return fail(
      "outline-crosses",
      "Expected an outline that does not cross itself, but with these lengths it does: are corners counted round the piece, one way?",
    );
  const lengths = known.map(({ name, from, to, mm }) => ({
    name,
    measuredMm: mm,
    drawnMm: distance(corners[from] as Point, corners[to] as Point),
  }));
  const misfitMm = Math.max(...lengths.map(({ measuredMm, drawnMm }) => Math.abs(drawnMm - measuredMm)));
  return ok({ corners, lengths, misfitMm });
}

/** The outline of a built piece. */
export const outlineOfBuilt = ({ corners }: Pick<BuiltPiece, "corners">): Edge[] =>
  corners.map((from, at) => straight(from, corners[(at + 1) % corners.length] as Point));

interface KnownLength {
  readonly name: string;
  readonly from: number;
  readonly to: number;
  readonly mm: number;
}

const isAcross = (from: number, to: number, count: number): boolean => {
  const within = [from, to].every((corner) => Number.isInteger(corner) && corner >= 1 && corner <= count);
  const apart = (to - from + count) % count;
  return within && apart > 1 && apart < count - 1;
};

/** Corners placed one after the other, each over two that are there and as far from them as was measured. */
function byTriangles(known: readonly KnownLength[], count: number): Result<Point[]> {
  const corners: (Point | null)[] = Array.from({ length: count }, () => null);
  corners[0] = point(0, 0);
  corners[1] = point(known[0]?.mm ?? 0, 0);
  for (;;) {
    const open = corners.flatMap((place, corner) => (place ? [] : [corner]));
    if (open.length === 0) return ok(corners as Point[]);
    const next = open
      .map((corner) => ({ corner, held: known.filter((one) => holds(one, corner, corners)) }))
      .find(({ held }) => held.length >= 2);
    if (!next)
      return fail(
        "diagonals-too-few",
        `Expected a line across to each corner that the others do not hold, but corner ${(open[0] ?? 0) + 1} can still turn: a piece of ${count} edges needs at least ${count - 3}, so that it falls into triangles.`,
      );
    const [first, second] = next.held.toSorted((a, b) => other(a, next.corner) - other(b, next.corner));
    if (!first || !second) throw new RangeError("Two lengths hold a corner.");
    const place = third(first, second, next.corner, corners);
    if (!place)
      return fail(
        "triangle-contradicts",
        `Expected ${first.name} (${first.mm} mm) and ${second.name} (${second.mm} mm) to meet at corner ${next.corner + 1}, but with what lies between them they close no triangle: one of them is wrong.`,
      );
    corners[next.corner] = place;
  }
}

const other = ({ from, to }: KnownLength, corner: number): number => (from === corner ? to : from);

const holds = (one: KnownLength, corner: number, corners: readonly (Point | null)[]): boolean =>
  (one.from === corner || one.to === corner) && corners[other(one, corner)] !== null;

/** The third corner of a triangle; null where its sides do not meet. Corners are counted clockwise, and so is every triangle. */
function third(a: KnownLength, b: KnownLength, corner: number, corners: readonly (Point | null)[]): Point | null {
  const [i, j] = [other(a, corner), other(b, corner)];
  const [from, to] = [corners[i] as Point, corners[j] as Point];
  const base = distance(from, to);
  const along = (a.mm ** 2 - b.mm ** 2 + base ** 2) / (2 * base);
  const high2 = a.mm ** 2 - along ** 2;
  if (!(high2 > 0)) return null;
  const [ux, uy] = [(to.x - from.x) / base, (to.y - from.y) / base];
  // Between i and j in the count it lies on one side of the way from i to j, beyond them on the other.
  const side = corner > i && corner < j ? -1 : 1;
  const high = side * Math.sqrt(high2);
  return point(from.x + ux * along - uy * high, from.y + uy * along + ux * high);
}

/** All lengths missed by as little as can be. */
function settled(corners: readonly Point[], known: readonly KnownLength[]): Point[] {
  const threads = known.map(({ from, to, mm }) => ({ from, to, mm, edge: false }));
  return [...flattened({ rows: corners.length }, threads, corners).places];
}

function crossesItself(corners: readonly Point[]): boolean {
  const outline = outlineOfBuilt({ corners });
  const count = outline.length;
  return (
    areaWithin(outline) <= 0 ||
    outline.some((edge, at) =>
      outline.some(
        (next, beside) => beside > at + 1 && (beside + 1) % count !== at && crossings(edge, next).length > 0,
      ),
    )
  );
}
