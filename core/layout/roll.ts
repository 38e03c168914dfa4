import { fail, ok, type Result } from "../result.ts";

/** How cloth lies to be cut: one layer; folded lengthwise, right sides together; or two full widths face to face. */
export type Laying = "single" | "folded" | "pairs";

/** A roll of cloth, and how pieces may lie on it. mm */
export interface Roll {
  /** As it is bought, from selvedge to selvedge; null where that is not known. */
  readonly widthMm: number | null;
  readonly laying: Laying;
  /** True where a piece may be turned head to foot. */
  readonly halfTurn: boolean;
  /** Left off at each selvedge that is not a border; 0 or more. */
  readonly selvedgeMm: number;
  /** Between cut lines, at least; 0 or more. */
  readonly roomMm: number;
  /** Lost in the wash before it is cut, as parts of its length and width, 0 to under 0.5. */
  readonly shrinkAlong: number;
  readonly shrinkAcross: number;
  /** After so much the motif comes again, along the roll and across it; null where it does not matter there. */
  readonly repeatAlongMm: number | null;
  readonly repeatAcrossMm: number | null;
  /** How many selvedges are a finished border that edges lie on. */
  readonly borders: 0 | 1 | 2;
}

/** What pieces are laid on, mm: x along the roll, y across it, the first edge or the fold at 0. */
export interface Table {
  readonly widthMm: number;
  readonly layers: 1 | 2;
  /** True where the edge at 0 is a fold. */
  readonly folded: boolean;
  readonly halfTurn: boolean;
  readonly roomMm: number;
  readonly repeatAlongMm: number | null;
  readonly repeatAcrossMm: number | null;
  readonly borders: 0 | 1 | 2;
}

/** Narrower than this nothing is cut from, mm. */
const NARROWEST_MM = 10;

/**
 * What of a roll is cut from, after it was washed.
 * @returns `no-width`, `no-repeat` for a repeat of 0, `too-narrow` where nothing is left, or `folded-border` where a border would lie in the fold.
 */
export function tableOf(roll: Roll): Result<Table> {
  const { widthMm, laying, borders, repeatAlongMm, repeatAcrossMm } = roll;
  if (widthMm === null)
    return fail("no-width", "Expected the width of the roll, but the cloth has none: type it here or with the cloth.");
  for (const repeat of [repeatAlongMm, repeatAcrossMm])
    if (repeat !== null && !(repeat > 0))
      return fail("no-repeat", `Expected a repeat above 0, or none, but got ${repeat} mm.`);
  if (borders > 0 && laying === "folded")
    return fail("folded-border", "Expected cloth with a border to lie in full width, but it is folded lengthwise.");
  const washedMm = widthMm * (1 - roll.shrinkAcross);
  const folds = laying === "folded" ? 2 : 1;
  // Folded in two, both selvedges lie on one another: each layer loses one.
  const usableMm = washedMm / folds - (folds === 2 ? 1 : 2 - borders) * roll.selvedgeMm;
  if (usableMm < NARROWEST_MM)
    return fail("too-narrow", `Expected room beside the selvedges, but of ${Math.round(widthMm)} mm none is left.`);
  return ok({
    ...{ widthMm: usableMm, layers: laying === "single" ? 1 : 2, folded: laying === "folded", borders },
    ...{ halfTurn: roll.halfTurn, roomMm: roll.roomMm, repeatAlongMm, repeatAcrossMm },
  });
}
