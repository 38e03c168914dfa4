import {
  type CutPiece,
  type Draft,
  type EdgeRole,
  type PieceEdge,
  type Point,
  wholePieces,
} from "../drafting/index.ts";
import type { Bound, CutShape } from "./cutShape.ts";
import { areaRound, type FlatShape, flatShape, grainWay, laidAt, longestOf, opened, turnedOver } from "./flatShape.ts";
import { offOutline } from "./motif.ts";
import type { Laying } from "./roll.ts";

/** How pieces are cut from one cloth. */
export interface CutFrom {
  /** True for a piece that is cut from it. */
  readonly takes: (piece: Pick<CutPiece, "role" | "part">) => boolean;
  readonly laying: Laying;
  /** True where the direction of greatest stretch runs along the roll: pieces lie a quarter turn round. */
  readonly stretchAlong: boolean;
  /** The edges that lie on a finished border, without an allowance; null where there is no border. */
  readonly border: EdgeRole | null;
  /** True for a garment to try on: no allowance at neckline and armhole, so that what is judged is the true edge. */
  readonly test: boolean;
  /** How many garments are cut. */
  readonly garments: number;
}

/** What is cut from a cloth, and what to know of it. */
export interface ShapesToCut {
  readonly shapes: readonly CutShape[];
  readonly notes: readonly string[];
  readonly warnings: readonly string[];
}

/** Edges that are judged as they are on a garment to try on. */
const TRUE_EDGES: readonly EdgeRole[] = ["neckline", "armhole"];

/** The shapes of all pieces that are cut from a cloth, as they lie on it. */
export function shapesOf(sets: readonly { readonly id: string; readonly draft: Draft }[], how: CutFrom): ShapesToCut {
  const own = sets.flatMap(({ id, draft }) =>
    wholePieces(draft)
      .filter(how.takes)
      .map((piece) => shapeOf(`${id}/${piece.id}`, piece, how)),
  );
  return {
    shapes: own.map(({ shape }) => shape),
    notes: own.flatMap(({ notes }) => notes),
    warnings: own.flatMap(({ warnings }) => warnings),
  };
}

/** Where both ends of an edge on a border are, less than this may lie past it, mm: the low points of a lace are no finer. */
const BORDER_MM = 1;

/** An edge that bows further than this between its low points lies on no straight border, mm. */
const MOST_BOW_MM = 25;

/** A fold lies along the roll where it is off it by less than this, mm. */
const ALONG_MM = 0.5;

function shapeOf(id: string, drawn: CutPiece, how: CutFrom) {
  const piece = asAllowed(drawn, how);
  const [notes, warnings]: [string[], string[]] = [[], []];
  const borderEdge = longestOf(piece, how.border);
  let flat = flatShape(piece, borderEdge);
  let bound: Bound = "free";
  if (flat.border) {
    const onBorder = laidOnBorder(opened(flat));
    const { bowMm, pastMm } = onBorder;
    if (pastMm > BORDER_MM)
      warnings.push(
        `“${piece.name}” reaches ${Math.ceil(pastMm)} mm past its ${how.border ?? ""} edge: it cannot lie on the border, and is laid as other pieces are.`,
      );
    else if (bowMm > MOST_BOW_MM)
      warnings.push(
        `The ${how.border ?? ""} edge of “${piece.name}” bows ${Math.round(bowMm)} mm: more than a straight border can follow. It is laid as other pieces are.`,
      );
    else {
      [flat, bound] = [onBorder.shape, "border"];
      if (offGrain(drawn, onBorder.radians, how))
        warnings.push(
          `The border turns “${piece.name}”: another direction of the cloth goes round the body there than was tested. Line it with a stable lining cut in its own right direction, or plan it by a test of that direction.`,
        );
      if (bowMm > BORDER_MM)
        notes.push(
          `The ${how.border ?? ""} edge of “${piece.name}” bows ${Math.round(bowMm)} mm off the straight border: its low points meet it, between them it lies inside.`,
        );
    }
  }
  if (bound === "free") {
    const grain = grainWay(piece);
    const lies = laidAt(flat, -Math.atan2(grain.y, grain.x) + (how.stretchAlong ? Math.PI / 2 : 0));
    const onFold = how.laying === "folded" ? foldAtStart(lies) : null;
    if (onFold) [flat, bound] = [onFold, "fold"];
    else {
      if (how.laying === "folded" && lies.fold)
        notes.push(`The fold of “${piece.name}” does not run along the roll: it is cut open, in full.`);
      flat = opened(lies);
      // Opened it may reach past its own start: it is brought back to it.
      flat = laidAt(flat, 0);
    }
  }
  const alike = bound === "fold" || isAlike(flat);
  const { drawn: straight, over, gives } = countsOf(piece, how, bound, alike);
  if (how.laying !== "single" && gives === 1 && bound !== "fold")
    notes.push(`“${piece.name}” is cut from one layer: what lies under it stays whole.`);
  const areaMm2 = areaRound(flat.outline);
  const shape: CutShape = {
    ...{ id, name: piece.name, outline: flat.outline, seam: flat.seam, bound, anchor: flat.anchor, areaMm2, gives },
    copies: { drawn: straight, over },
    eitherWay: bound === "free" && (alike || (how.laying !== "single" && gives === 2)),
  };
  return { shape, notes, warnings };
}

/** A piece with the allowances it is cut with: none on a border, none at the true edges of a garment to try on. */
function asAllowed(piece: CutPiece, { border, test }: CutFrom): CutPiece {
  const bare = ({ role }: PieceEdge) => role === border || (test && TRUE_EDGES.includes(role));
  return piece.edges.some(bare)
    ? { ...piece, edges: piece.edges.map((edge) => (bare(edge) ? { ...edge, allowanceMm: 0 } : edge)) }
    : piece;
}

/**
 * A shape turned so that the low points of its border edge lie on the first edge of the roll. Allowances of other edges that reach past
 * it there are cut off with it; what of the seam line does is told. mm
 */
function laidOnBorder(flat: FlatShape): {
  shape: FlatShape;
  bowMm: number;
  pastMm: number;
  /** By how much it was turned. */
  radians: number;
} {
  const [first, last] = [flat.border?.[0], flat.border?.at(-1)] as [Point, Point];
  const angle = Math.atan2(last.y - first.y, last.x - first.x);
  const one = laidAt(flat, -angle);
  // The piece lies on the roll, not beyond it.
  const radians = inside(one) ? -angle : Math.PI - angle;
  const { outline, seam, anchor, fold, border } = inside(one) ? one : laidAt(flat, radians);
  const heights = border?.map(({ y }) => y) ?? [];
  const low = Math.min(...heights);
  const lowered = (places: readonly Point[]) => places.map(({ x, y }) => ({ x, y: y - low }));
  return {
    shape: {
      outline: lowered(outline).map(({ x, y }) => ({ x, y: Math.max(0, y) })),
      ...{ seam: lowered(seam), anchor: { x: anchor.x, y: anchor.y - low }, fold, border: lowered(border ?? []) },
    },
    bowMm: Math.max(...heights) - low,
    pastMm: Math.max(0, ...lowered(seam).map(({ y }) => -y)),
    radians,
  };
}

/** A grain further off its way than this is another direction of the cloth, radians: ten degrees. */
const OFF_GRAIN = Math.PI / 18;

/** True where a turn brings the grain of a piece off the way it is to lie, up or down. */
function offGrain(piece: CutPiece, radians: number, { stretchAlong }: CutFrom): boolean {
  const grain = grainWay(piece);
  const off = Math.atan2(grain.y, grain.x) + radians - (stretchAlong ? Math.PI / 2 : 0);
  return Math.abs(Math.sin(off)) > Math.sin(OFF_GRAIN);
}

/** True where the border edge lies at the low side of its piece. */
function inside({ outline, border }: FlatShape): boolean {
  const mean = (places: readonly Point[]) => places.reduce((sum, { y }) => sum + y, 0) / places.length;
  return mean(border ?? []) <= mean(outline);
}

/** A half with its fold along the start of the table; null where the fold runs otherwise. */
function foldAtStart(flat: FlatShape): FlatShape | null {
  if (!flat.fold) return null;
  const [a, b] = flat.fold;
  if (Math.abs(a.y - b.y) > ALONG_MM) return null;
  const high = Math.max(...flat.outline.map(({ y }) => y));
  return (a.y + b.y) / 2 > high / 2 ? turnedOver(flat) : flat;
}

/** Two outlines are alike where each place of one is this near to the other, mm. */
const ALIKE_MM = 0.5;

/** True where a piece turned over is as it was. */
function isAlike(flat: FlatShape): boolean {
  const other = turnedOver(flat).outline;
  return flat.outline.every((place) => offOutline(place, other) <= ALIKE_MM);
}

/** How many of a piece are laid each way, and how many one of them gives. */
function countsOf({ count, mirrored }: CutPiece, { laying, garments }: CutFrom, bound: Bound, alike: boolean) {
  const all = count * garments;
  if (bound === "fold") return { drawn: all, over: 0, gives: 1 };
  if (laying === "single") {
    const over = mirrored ? Math.floor(all / 2) : 0;
    return { drawn: all - over, over, gives: 1 };
  }
  // Two layers face to face give one as drawn and one turned over: only of pairs, or of what is alike both ways, is that what is wanted.
  const both = (mirrored || alike) && all >= 2;
  return both ? { drawn: Math.ceil(all / 2), over: 0, gives: 2 } : { drawn: all, over: 0, gives: 1 };
}
