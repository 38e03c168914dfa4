import { fail, ok, type Result } from "../result.ts";

/** Eyelets or loops lie this far apart where nothing else is said, mm. */
export const USUAL_PITCH_MM = 22;

/** The two rows at the waist lie this far apart: the lace is pulled there, mm. */
export const CLOSE_PAIR_MM = 10;

/** From the ends of the edge, mm. */
export const END_FREE_MM = 12;

/** Nearer to one another than this eyelets tear into one, mm. */
export const LEAST_PITCH_MM = 12;

/** Where rows lie along an edge from its top, mm, with the pitch between all but the close pair. */
export interface Rows {
  readonly atMm: readonly number[];
  readonly pitchMm: number;
}

/** An edge that is laced, mm. */
export interface LacedEdge {
  readonly lengthMm: number;
  /** From its top to the waist. */
  readonly waistMm: number;
}

/**
 * Rows of eyelets along an edge: a close pair at the waist, the others by a pitch above and below it.
 * @param wanted so many rows, or a pitch.
 * @returns them; `edge-too-short`; or `more-than-fit` where so many rows would lie nearer than eyelets hold.
 */
export function placeRows(
  { lengthMm, waistMm }: LacedEdge,
  wanted: { readonly rows: number } | { readonly pitchMm: number },
): Result<Rows> {
  const above = waistMm - CLOSE_PAIR_MM / 2 - END_FREE_MM;
  const below = lengthMm - waistMm - CLOSE_PAIR_MM / 2 - END_FREE_MM;
  if (above < 0 || below < 0)
    return fail(
      "edge-too-short",
      `Expected room for the close pair at the waist, but the edge goes ${waistMm.toFixed(0)} mm above and ${(lengthMm - waistMm).toFixed(0)} mm below it.`,
    );
  const fits = (pitch: number) => 2 + floor(above / pitch) + floor(below / pitch);
  const most = fits(LEAST_PITCH_MM);
  if ("rows" in wanted && wanted.rows > most)
    return fail(
      "more-than-fit",
      `Expected at most ${most} rows along ${lengthMm.toFixed(0)} mm, but got ${wanted.rows}.`,
    );
  const pitchMm = "rows" in wanted ? pitchFor(wanted.rows - 2, above, below, fits) : wanted.pitchMm;
  const up = Array.from(
    { length: floor(above / pitchMm) },
    (_, at) => waistMm - CLOSE_PAIR_MM / 2 - (at + 1) * pitchMm,
  );
  const down = Array.from(
    { length: floor(below / pitchMm) },
    (_, at) => waistMm + CLOSE_PAIR_MM / 2 + (at + 1) * pitchMm,
  );
  const atMm = [...up.toReversed(), waistMm - CLOSE_PAIR_MM / 2, waistMm + CLOSE_PAIR_MM / 2, ...down];
  return ok({ atMm, pitchMm });
}

/** A pitch that fills an edge exactly fills it, however it was worked out. */
const floor = (value: number): number => Math.floor(value + 1e-9);

/** The widest pitch at which so many rows lie above and below together. */
function pitchFor(rows: number, above: number, below: number, fits: (pitch: number) => number): number {
  if (rows <= 0) return Math.max(above, below) + 1;
  const pitches = Array.from({ length: rows }, (_, at) => [above / (at + 1), below / (at + 1)]).flat();
  return Math.max(LEAST_PITCH_MM, ...pitches.filter((pitch) => pitch >= LEAST_PITCH_MM && fits(pitch) >= rows + 2));
}
