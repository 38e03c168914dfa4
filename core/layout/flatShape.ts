import {
  boxOfEdges,
  type CutPiece,
  cutLine,
  distance,
  type Edge,
  edgeLength,
  outlineOf,
  type PieceEdge,
  type Point,
  placesAlong,
  point,
  turned,
  way,
} from "../drafting/index.ts";

/** A piece flat on the table: places round it, one after another. mm */
export interface FlatShape {
  readonly outline: readonly Point[];
  readonly seam: readonly Point[];
  readonly anchor: Point;
  /** Along the fold, where it lies on one; null where it is whole. */
  readonly fold: readonly [Point, Point] | null;
  /** Along an edge that is to lie on a border; null where it has none. */
  readonly border: readonly Point[] | null;
}

/** Outlines are laid by straight lines this near to their curves, mm: cut lines, so no more is lost than a blade's width. */
const FLAT_MM = 0.25;

/** A piece as it is cut, in its own places. */
export function flatShape(piece: CutPiece, border: PieceEdge | undefined): FlatShape {
  const cut = cutLine(piece);
  const fold = piece.onFold ? piece.edges.find(({ finish }) => finish === "fold") : undefined;
  const [first, last] = [fold?.lines[0]?.from, fold?.lines.at(-1)?.to];
  const { from, to } = piece.grain;
  return {
    outline: placesRound(cut),
    seam: placesRound(outlineOf(piece)),
    anchor: fold && first && last ? middle(first, last) : middle(from, to),
    fold: first && last ? [first, last] : null,
    border: border ? [...placesRound(border.lines), border.lines.at(-1)?.to ?? from] : null,
  };
}

const middle = (a: Point, b: Point): Point => point((a.x + b.x) / 2, (a.y + b.y) / 2);

/** Places along edges, close enough to their curves for the table. */
function placesRound(edges: readonly Edge[]): Point[] {
  return edges.flatMap((edge) => {
    const { from, to } = boxOfEdges([edge]);
    const size = Math.max(to.x - from.x, to.y - from.y);
    return placesAlong(edge, Math.min(0.01, FLAT_MM / Math.max(size, 1)));
  });
}

/** The way along the cloth that a piece asks for: its grain. */
export const grainWay = ({ grain }: Pick<CutPiece, "grain">): Point => way(grain.from, grain.to);

/** Off the line of a fold by less than this lies on it, mm. */
const ON_FOLD_MM = 0.05;

/** A half opened out along its fold: both sides of it in one outline. */
export function opened({ outline, seam, anchor, fold, border }: FlatShape): FlatShape {
  if (!fold) return { outline, seam, anchor, fold, border };
  const over = mirroredIn(fold);
  const whole = (places: readonly Point[]): Point[] => {
    const run = offFold(places, fold);
    return [...run, ...run.map(over).reverse()];
  };
  const wholeBorder = border ? bothSides(border, over, fold) : null;
  return { outline: whole(outline), seam: whole(seam), anchor, fold: null, border: wholeBorder };
}

/** An edge with its other side, in one run where it meets the fold. */
function bothSides(edge: readonly Point[], over: (place: Point) => Point, fold: readonly [Point, Point]): Point[] {
  const [first, last] = [edge[0], edge.at(-1)];
  const near = (place: Point | undefined) => (place ? offOf(place, fold) : 0);
  const fromFold = near(first) <= near(last) ? [...edge] : edge.toReversed();
  return [...fromFold.map(over).reverse(), ...fromFold];
}

/** Mirrors places in the line of a fold. */
function mirroredIn([a, b]: readonly [Point, Point]): (place: Point) => Point {
  const along = way(a, b);
  const square = along.x ** 2 + along.y ** 2;
  return (place) => {
    const to = way(a, place);
    const part = (to.x * along.x + to.y * along.y) / square;
    return point(2 * (a.x + part * along.x) - place.x, 2 * (a.y + part * along.y) - place.y);
  };
}

const offOf = (place: Point, [a, b]: readonly [Point, Point]): number => {
  const [along, to] = [way(a, b), way(a, place)];
  return Math.abs(along.x * to.y - along.y * to.x) / distance(a, b);
};

/** The run of places from where an outline leaves its fold to where it comes back, both ends on it. */
function offFold(places: readonly Point[], fold: readonly [Point, Point]): Point[] {
  const off = places.map((place) => offOf(place, fold) > ON_FOLD_MM);
  const start = off.findIndex((is, at) => is && !off.at(at - 1));
  if (start < 0) return [...places];
  const run: Point[] = [places.at(start - 1) as Point];
  for (let at = 0; at < places.length; at += 1) {
    const place = (start + at) % places.length;
    run.push(places[place] as Point);
    if (!off[place]) break;
  }
  return run;
}

/** A shape turned by an angle, radians, its least x and y brought to 0. */
export function laidAt({ outline, seam, anchor, fold, border }: FlatShape, radians: number): FlatShape {
  const spun = outline.map((place) => turned(place, radians));
  const [x, y] = [Math.min(...spun.map((one) => one.x)), Math.min(...spun.map((one) => one.y))];
  const at = (place: Point): Point => {
    const { x: along, y: across } = turned(place, radians);
    return point(along - x, across - y);
  };
  return {
    outline: outline.map(at),
    seam: seam.map(at),
    anchor: at(anchor),
    fold: fold ? [at(fold[0]), at(fold[1])] : null,
    border: border?.map(at) ?? null,
  };
}

/** A shape mirrored across the table, its least y still 0. */
export function turnedOver({ outline, seam, anchor, fold, border }: FlatShape): FlatShape {
  const high = Math.max(...outline.map(({ y }) => y));
  const over = ({ x, y }: Point): Point => point(x, high - y);
  return {
    outline: outline.map(over),
    seam: seam.map(over),
    anchor: over(anchor),
    fold: fold ? [over(fold[0]), over(fold[1])] : null,
    border: border?.map(over) ?? null,
  };
}

/** What places go round, mm². */
export const areaRound = (places: readonly Point[]): number =>
  Math.abs(
    places.reduce((sum, { x, y }, at) => {
      const before = places.at(at - 1) as Point;
      return sum + (before.x * y - x * before.y) / 2;
    }, 0),
  );

/** The longest edge of a role that a piece has; undefined where it has none. */
export const longestOf = ({ edges }: CutPiece, role: string | null): PieceEdge | undefined =>
  edges.filter((edge) => edge.role === role).toSorted((a, b) => edgeLength(b) - edgeLength(a))[0];
