import type { Point } from "../../geometry/index.ts";
import type { Piece } from "../piece.ts";

/** A dart as it is drawn on the piece. */
export interface DrawnDart {
  readonly id: string;
  /** The legs run from here, on the seam line, to the end. */
  readonly mouth: readonly [Point, Point];
  readonly end: Point;
  /** Between the legs at the seam, mm: `d′ = 2 b sin(θ / 2)`. */
  readonly widthMm: number;
}

/** A piece with its darts in it: what is laid on the cloth. Its levels are where they lie on it, not where girth is counted. */
export interface CutPiece extends Piece {
  readonly drawnDarts: readonly DrawnDart[];
}
