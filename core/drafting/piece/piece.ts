import { areaWithin, backward, type Edge, lengthOfEdges, type Point } from "../geometry/index.ts";

/** What an edge of a piece is. */
export type EdgeRole =
  | "centre"
  | "centreFront"
  | "centreBack"
  | "side"
  | "waist"
  | "leg"
  | "gusset"
  | "neckline"
  | "armhole"
  | "shoulder"
  | "strap"
  | "dart"
  | "hem"
  | "end"
  | "long"
  /** A seam of a cup, the line its wire or cradle runs along, and where it ends above. */
  | "cup"
  | "wire"
  | "top"
  /** Where the bridge of a bra meets its cradle. */
  | "bridge"
  /** A seam between panels of a boned garment. */
  | "panel"
  /** Of a pattern from elsewhere: only its name tells. */
  | "own";

/** How an edge is finished; it decides the allowance. */
export type EdgeFinish = "fold" | "seam" | "elastic" | "hem" | "raw";

/** Cloth a piece is cut from. */
export type ClothRole = "shell" | "lining" | "net" | "overlay" | "facing" | "casing";

/** Pieces of a bra that may have an outer cloth of their own: its cups, and the bridge and cradles that carry them. */
export type PiecePart = "cups" | "frame";

/** The edge of another piece that an edge is sewn to. */
export interface SeamTo {
  readonly piece: string;
  readonly edge: string;
  /** By how much this edge is longer than the other on purpose, mm: eased in where above 0, stretched where below. */
  readonly easeMm: number;
}

/** One named edge of a piece: its seam line, and what becomes of it. */
export interface PieceEdge {
  /** Unique within the piece. */
  readonly id: string;
  readonly role: EdgeRole;
  readonly finish: EdgeFinish;
  /** Added outside the seam line, mm, 0 or more. */
  readonly allowanceMm: number;
  /** One or more, each beginning where the last ended. */
  readonly lines: readonly Edge[];
  readonly seam: SeamTo | null;
}

/** A line across a piece where girth is counted: from the centre out to the side. */
export interface LevelLine {
  readonly level: string;
  readonly from: Point;
  readonly to: Point;
}

/** A short mark across a seam line: where it meets another. */
export interface Notch {
  readonly edge: string;
  /** Along the edge from its start. */
  readonly mm: number;
  /** Set by the seam it lies on, and again whenever that changes; left out where a recipe or a maker set it. */
  readonly by?: "seam";
}

/** A place of a piece that is drilled or marked: where a breast is fullest, where a dart ends. */
export interface DrillPoint {
  /** `apex`, `bust.end`. */
  readonly id: string;
  readonly at: Point;
}

/** A way along which a bone's channel is stitched on a piece, from the top down. */
export interface Channel {
  readonly id: string;
  readonly way: readonly Point[];
}

/** A gap pinched out of one edge toward a point and opened in another: how it is drawn follows, see `asCut`. mm */
export interface Dart {
  readonly id: string;
  /** The edge that gapes, with the middle of the pinch along it and its width there. */
  readonly edge: string;
  readonly atMm: number;
  readonly widthMm: number;
  /** The drill point it turns about. */
  readonly point: string;
  /** The edge it is sewn in, and where along it. */
  readonly into: string;
  readonly intoMm: number;
  /** The sewn point stops so far before that it turns about. */
  readonly stopMm: number;
  /**
   * Nothing gapes: the seam that takes the dart is lengthened by its width, spread from the place across it, on the other edge.
   * Left out where a gap is turned.
   */
  readonly lengthens?: true;
}

/** From which piece another is taken, and how: it follows every change of that one, and takes none of its own. mm */
export type TakenFrom =
  /** The upper edges again, down to a line so far below them. */
  | { readonly kind: "facing"; readonly piece: string; readonly depthMm: number }
  /** From the line of a level down to one so far below it. */
  | { readonly kind: "band"; readonly piece: string; readonly level: string; readonly heightMm: number }
  /** All of it above the line of a level, down to the side. */
  | { readonly kind: "above"; readonly piece: string; readonly level: string }
  /** All of it, in another cloth. */
  | { readonly kind: "whole"; readonly piece: string };

/** A side of the body, the wearer's own. */
export type BodySide = "left" | "right";

/** A piece of a pattern, mm, its seam lines in order round it, clockwise as seen with y down. */
export interface Piece {
  readonly id: string;
  readonly name: string;
  /** How many are cut. */
  readonly count: number;
  /** True where only one half is drawn: the centre lies on a fold. */
  readonly onFold: boolean;
  /** True where half of the count is cut turned over. */
  readonly mirrored: boolean;
  readonly role: ClothRole;
  /** Left out for what is of neither. */
  readonly part?: PiecePart;
  readonly edges: readonly PieceEdge[];
  readonly levels: readonly LevelLine[];
  /** Along the length of the cloth. */
  readonly grain: { readonly from: Point; readonly to: Point };
  readonly notches: readonly Notch[];
  /** Pieces that must take every change of this one. */
  readonly links: readonly string[];
  /** Left out where there are none. */
  readonly points?: readonly DrillPoint[];
  /** The piece is drawn without them: edges and levels are those of the darts sewn, the gaps still open. Left out where there are none. */
  readonly darts?: readonly Dart[];
  /** Drawn on it and nothing else: left out until bones are placed. */
  readonly channels?: readonly Channel[];
  /** Left out where it is drawn itself. */
  readonly takenFrom?: TakenFrom;
  /** Of which piece it is the left or right half; left out while both sides are alike. Both are drawn as that piece's half is. */
  readonly half?: { readonly side: BodySide; readonly of: string };
}

/** All seam lines of a piece in order. */
export const outlineOf = ({ edges }: Pick<Piece, "edges">): readonly Edge[] => edges.flatMap(({ lines }) => lines);

/** Edges round a piece gone clockwise as seen with y down, whichever way they were drawn. */
export const clockwiseEdges = (edges: readonly PieceEdge[]): readonly PieceEdge[] =>
  areaWithin(edges.flatMap(({ lines }) => lines)) >= 0
    ? edges
    : edges.toReversed().map((edge) => ({ ...edge, lines: backward(edge.lines) }));

/** Length of an edge along its seam line, mm. */
export const edgeLength = ({ lines }: PieceEdge): number => lengthOfEdges(lines);

/** Width of a piece at a level, mm, of the half that is drawn. */
export const levelWidth = ({ from, to }: LevelLine): number => Math.abs(to.x - from.x);

/** How many times a drawn width goes round the body: both halves of a fold, and every piece cut. */
export const timesRound = ({ count, onFold, half }: Piece): number => count * (onFold && !half ? 2 : 1);

/**
 * An edge of a piece by its name.
 * @throws RangeError where there is none: pieces name only their own edges.
 */
export function edgeOf(piece: Piece, id: string): PieceEdge {
  const edge = piece.edges.find((one) => one.id === id);
  if (!edge) throw new RangeError(`${piece.id} has no edge ${id}.`);
  return edge;
}

/** The drill points of a piece, each moved: to be laid over the piece they are of. */
export const movedPoints = ({ points }: Piece, move: (place: Point) => Point): Pick<Piece, "points"> =>
  points ? { points: points.map(({ id, at }) => ({ id, at: move(at) })) } : {};

/** A drill point of a piece by its name; null where it has none. */
export const pointOf = ({ points = [] }: Piece, id: string): Point | null =>
  points.find((one) => one.id === id)?.at ?? null;
