import { fail, ok, type Result } from "../../../result.ts";
import { type Edge, point, straight, times } from "../../geometry/index.ts";
import type { PieceEdge } from "../../piece/index.ts";
import { outward } from "../../piece/index.ts";
import type { Half } from "../drawn.ts";
import { edge, sewnTo } from "../drawn.ts";
import type { ShapedSide } from "../shapedSide.ts";
import type { LegAllowances } from "./gusset.ts";
import type { LegEnds } from "./legCurve.ts";

/** A gusset lies at least so far below and inside the end of the side, mm. */
const LEAST_MM = 15;

/**
 * Where the leg of one half runs: from the end of its side to the corner of its gusset.
 * @param gusset half its width where it joins, and how far down the centre that is, mm.
 * @returns `crotch-too-high` where there is no leg between the two.
 */
export function legEnds(
  half: Half,
  { bottom }: ShapedSide,
  gusset: { readonly halfMm: number; readonly atMm: number },
): Result<LegEnds> {
  if (bottom.at.y > gusset.atMm - LEAST_MM || bottom.at.x < gusset.halfMm + LEAST_MM)
    return fail(
      "crotch-too-high",
      `Expected the gusset of the ${half} well below and inside the end of the side seam, but it lies ${gusset.atMm.toFixed(0)} mm down the centre and ${gusset.halfMm.toFixed(0)} mm from it, the side ends at ${bottom.at.y.toFixed(0)} and ${bottom.at.x.toFixed(0)} mm: crotch_${half} is too short for waist_to_hip, or the leg has to be raised.`,
    );
  return ok({
    side: bottom.at,
    inward: times(outward(bottom.down), -1),
    gusset: point(gusset.halfMm, gusset.atMm),
  });
}

/** Leg and gusset seam of one half, from its side to its fold. */
export const lowerEdges = (
  half: Half,
  leg: readonly Edge[],
  { gusset }: LegEnds,
  { seamMm, edgeMm }: LegAllowances,
): PieceEdge[] => [
  edge("leg", "leg", leg, { finish: "elastic", allowanceMm: edgeMm }),
  edge("gusset", "gusset", [straight(gusset, point(0, gusset.y))], sewnTo("gusset", half, seamMm)),
];
