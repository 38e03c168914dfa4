import { type LevelLine, type Piece, type Point, placesAlong } from "../drafting/index.ts";
import { isZone } from "../ease/index.ts";
import { bodyHalf, CENTRE, LEVEL } from "../figure/index.ts";

/** Height of the shoulder on the figure, where a strap goes over it. */
const SHOULDER = 73;

/** Where a piece has one level only, so many parts of the field are a millimetre. */
const SCALE = 0.27;

/** A level of a piece with where it lies on the figure. */
interface Anchored {
  readonly line: LevelLine;
  readonly y: number;
}

/**
 * A front or a back as it lies on the body of the figure: its levels on the body's, between them in proportion, its side at the
 * body's side. Left and right alike.
 *
 * @returns path data of the field, closed; null for a piece that has no level the figure knows.
 */
export function onFigure(piece: Piece): string | null {
  const laid = laidOf(piece);
  if (laid.anchors.length === 0) return null;
  const half = piece.edges
    .filter(({ finish }) => finish !== "fold")
    .flatMap(({ lines }) => lines.flatMap((line) => [...placesAlong(line, FINE), line.to]))
    .map((place) => placeOn(laid, place));
  const written = (side: 1 | -1) => half.map(({ x, y }) => `${(CENTRE + side * x).toFixed(1)} ${y.toFixed(1)}`);
  return `M ${[...written(1), ...written(-1).toReversed()].join(" L ")} Z`;
}

/** Lines are followed this closely: a line of the figure is a fiftieth of a piece wide. */
const FINE = 0.01;

/** What a piece is laid on the figure by. */
interface Laid {
  /** Its levels that the figure has too, downward. */
  readonly anchors: readonly Anchored[];
  /** How high it reaches where it has a shoulder, which lies on the body's; null where it has none. mm */
  readonly shoulderMm: number | null;
  /** How low it reaches where it has a gusset, which lies at the crotch; null where it has none. mm */
  readonly gussetMm: number | null;
}

function laidOf({ edges, levels }: Piece): Laid {
  const ys = edges.flatMap(({ lines }) => lines.map(({ from }) => from.y));
  const has = (id: string) => edges.some((edge) => edge.id === id);
  const anchors = levels.flatMap((line): Anchored[] => {
    const y = isZone(line.level) ? LEVEL[line.level as keyof typeof LEVEL] : undefined;
    return y === undefined ? [] : [{ line, y }];
  });
  return {
    anchors,
    shoulderMm: has("shoulder") ? Math.min(...ys) : null,
    gussetMm: has("gusset") ? Math.max(...ys) : null,
  };
}

const levelAt = ({ from, to }: LevelLine, x: number): number =>
  to.x === from.x ? from.y : from.y + ((to.y - from.y) * (x - from.x)) / (to.x - from.x);

/** Where a place of a piece lies on the figure, from its middle. */
function placeOn(laid: Laid, place: Point): Point {
  const { anchors } = laid;
  const below = anchors.findIndex(({ line }) => levelAt(line, place.x) >= place.y);
  const at = below === -1 ? anchors.length : below;
  const [upper, lower] = [anchors[at - 1], anchors[at]];
  const y = heightOn(laid, place, upper, lower);
  const wide = upper && lower ? widthBetween(upper.line, lower.line, place) : ((upper ?? lower)?.line.to.x ?? 1);
  return { x: Math.min(1, place.x / wide) * bodyHalf(y), y };
}

function heightOn(
  { anchors, shoulderMm, gussetMm }: Laid,
  { x, y }: Point,
  upper: Anchored | undefined,
  lower: Anchored | undefined,
): number {
  if (upper && lower) {
    const [from, to] = [levelAt(upper.line, x), levelAt(lower.line, x)];
    return upper.y + ((lower.y - upper.y) * (y - from)) / (to - from);
  }
  // Past its levels, without a shoulder or a gusset, it goes on as those beside it do.
  if (lower) {
    const at = levelAt(lower.line, x);
    const scale = shoulderMm === null ? scaleOf(anchors[0], anchors[1]) : (lower.y - SHOULDER) / (at - shoulderMm);
    return lower.y - scale * (at - y);
  }
  if (!upper) return 0;
  const at = levelAt(upper.line, x);
  const scale =
    gussetMm === null ? scaleOf(anchors.at(-2), anchors.at(-1)) : (LEVEL.crotch - upper.y) / (gussetMm - at);
  return upper.y + scale * (y - at);
}

function scaleOf(upper: Anchored | undefined, lower: Anchored | undefined): number {
  if (!upper || !lower || upper === lower) return SCALE;
  return (lower.y - upper.y) / (lower.line.from.y - upper.line.from.y);
}

/** How wide a piece is at a place between two of its levels. */
function widthBetween(upper: LevelLine, lower: LevelLine, { x, y }: Point): number {
  const [from, to] = [levelAt(upper, x), levelAt(lower, x)];
  return upper.to.x + ((lower.to.x - upper.to.x) * (y - from)) / (to - from);
}
