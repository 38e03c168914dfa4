import { fail, ok, type Result } from "../../../result.ts";
import type { Given } from "../facts.ts";
import { type CorsetSide, downTo } from "./side.ts";

/** Where nothing was measured between the cups, mm. */
export const BRIDGE_FALLBACK_MM = 15;

/** Where cups lie on the front of one side, mm from the centre front along the underbust. */
export interface CupPlace {
  readonly fromMm: number;
  readonly toMm: number;
  /** Panels across at the underbust: where each seam lies, the centre front first. */
  readonly seamsMm: readonly number[];
  readonly bridgeMm: number;
  /** How high the seam lies above the underbust at the centre front, by how deep the neckline may go; null where that was not measured. */
  readonly frontMm: number | null;
  readonly fromSideMm: number;
}

/** Least of a cup's height left above the seam, and of the centre front above the underbust, mm. */
export const LEAST_ABOVE_MM = 5;

/** Down a seam from its upper end to the underbust, mm. */
export const toUnderbust = (side: CorsetSide, seam: number): number =>
  downTo(side, seam)[side.levels.indexOf("underbust")] ?? 0;

export function placeOf(given: Given, side: CorsetSide): Result<CupPlace> {
  if (!side.levels.includes("bust") || !side.levels.includes("underbust"))
    return fail("cup-outside", "Expected girths of bust and underbust for cups: they lie between the two.");
  const widths = side.panels.underbust.slice(0, side.sideSeam).map(({ widthMm }) => widthMm);
  const seamsMm = [0, ...widths].map((_, at) => widths.slice(0, at).reduce((sum, mm) => sum + mm, 0));
  const bridgeMm = given.measure("bridge_width") ?? BRIDGE_FALLBACK_MM;
  const fromSideMm = given.number("cup_from_side");
  const [fromMm, toMm] = [bridgeMm / 2, (seamsMm.at(-1) ?? 0) - fromSideMm];
  if (toMm - fromMm <= LEAST_CUP_MM)
    return fail(
      "cup-outside",
      `Expected a cup of over ${LEAST_CUP_MM} mm along the underbust, but ${(toMm - fromMm).toFixed(0)} mm are left of the front.`,
    );
  const frontMm = frontOf(given, side);
  const mostMm = toUnderbust(side, 0) - LEAST_ABOVE_MM;
  if (frontMm !== null && !(frontMm >= LEAST_ABOVE_MM && frontMm <= mostMm))
    return fail(
      "front-outside",
      `Expected the centre front to end ${LEAST_ABOVE_MM} to ${mostMm.toFixed(0)} mm above the underbust, but as deep below the neck as was measured it ends ${frontMm.toFixed(0)} mm above it: take neck_to_front_edge or front_neck_to_waist again.`,
    );
  return ok({ fromMm, toMm, seamsMm, bridgeMm, fromSideMm, frontMm });
}

/** What of the way from the neck base to the waist is left above the underbust when the neckline goes as deep as it may. */
function frontOf(given: Given, side: CorsetSide): number | null {
  const [neckMm, deepMm] = [given.measure("front_neck_to_waist"), given.measure("neck_to_front_edge")];
  if (neckMm === null || deepMm === null) return null;
  return neckMm - deepMm - ((downTo(side, 0)[side.levels.indexOf("waist")] ?? 0) - toUnderbust(side, 0));
}

/** No cup is narrower, mm. */
const LEAST_CUP_MM = 60;

/** How high the upper line lies above the underbust at a place, and how it slopes there, radians clockwise. */
export function lineAt(
  { fromMm, toMm, seamsMm, frontMm }: CupPlace,
  depth: number,
  atMm: number,
  sideTopMm: number,
): { rise: number; slope: number } {
  const atFront = frontMm ?? depth;
  if (atMm <= fromMm) return { rise: atFront, slope: 0 };
  if (atMm >= toMm) {
    const last = seamsMm.at(-1) ?? toMm;
    const steep = (sideTopMm - depth) / Math.max(1, last - toMm);
    return { rise: depth + steep * (atMm - toMm), slope: Math.atan(-steep) };
  }
  const [half, centre] = [(toMm - fromMm) / 2, (fromMm + toMm) / 2];
  const off = (atMm - centre) / half;
  const down = Math.sqrt(1 - off ** 2);
  // Two quarters of an ellipse that meet level at the underbust.
  const high = off < 0 ? atFront : depth;
  return { rise: high * (1 - down), slope: Math.atan((-high * off) / (half * down)) };
}
