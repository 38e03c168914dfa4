import { fail, ok, type Result } from "../../../result.ts";
import { type Edge, point } from "../../geometry/index.ts";
import { grainAt, type Piece } from "../../piece/index.ts";
import { edge, foldedHalf, otherHalf, sewnTo } from "../drawn.ts";
import type { LegAllowances } from "../legs/gusset.ts";
import { legEnds, lowerEdges } from "../legs/legEnds.ts";
import { levelLines, type ShapedSide, shapedSide, waistNotch } from "../shapedSide.ts";
import type { BodyBlock, BodyPlan } from "./bodyPlan.ts";
import { upperEdges } from "./upperEdges.ts";

/** Room for an arm between shoulder and underarm, and beside the strap, mm. */
const [LEAST_ARM_MM, LEAST_BESIDE_MM] = [60, 12];

/** A neck goes down to this above the gusset at most, mm. */
const LEAST_CENTRE_MM = 60;

/**
 * Draws the side of one half and says where its leg runs.
 * @returns `side-too-short`, `no-side-left`, `crotch-too-high`, `no-armhole`, `strap-outside` or `neck-too-deep`.
 */
export function bodyBlock(plan: BodyPlan): Result<BodyBlock> {
  const { half } = plan;
  const side = shapedSide(half, plan.levels, { fromMm: 0, toMm: plan.sideMm });
  if (!side.ok) return side;
  const atWaist = waistY(side.value);
  const [shoulderY, gussetY] = [atWaist - plan.shoulderMm, atWaist + plan.gussetMm];
  const { at } = side.value.top;
  const strapped = plan.line !== "halter";
  if (strapped && at.y - shoulderY < LEAST_ARM_MM)
    return fail(
      "no-armhole",
      `Expected the shoulder of the ${half} ${LEAST_ARM_MM} mm or more above the underarm, but ${half}_waist brings it ${(at.y - shoulderY).toFixed(0)} mm above: it and side_waist do not fit one another.`,
    );
  if (strapped && at.x - plan.strapAtMm - plan.strapMm / 2 < LEAST_BESIDE_MM)
    return fail(
      "strap-outside",
      `Expected the strap of the ${half} to end ${LEAST_BESIDE_MM} mm or more inside the underarm, but it ends at ${(plan.strapAtMm + plan.strapMm / 2).toFixed(0)} of ${at.x.toFixed(0)} mm: the planned bust is too small for straps of ${plan.strapMm.toFixed(0)} mm there.`,
    );
  if (shoulderY + plan.depthMm > gussetY - LEAST_CENTRE_MM)
    return fail(
      "neck-too-deep",
      `Expected the ${half} to end ${LEAST_CENTRE_MM} mm or more above the gusset at the centre, but it is cut ${plan.depthMm.toFixed(0)} mm below the shoulder and the gusset lies ${(gussetY - shoulderY).toFixed(0)} mm below it.`,
    );
  const leg = legEnds(half, side.value, { halfMm: plan.gussetHalfMm, atMm: gussetY });
  return leg.ok ? ok({ plan, side: side.value, leg: leg.value, shoulderY, gussetY }) : leg;
}

/** Where the waist lies at the centre. */
const waistY = ({ marks }: ShapedSide): number => marks.find(({ level }) => level === "waist")?.centreY ?? 0;

/** The piece of one half with its leg edge. */
export function bodyPiece(block: BodyBlock, leg: readonly Edge[], allowances: LegAllowances): Piece {
  const { plan, side, shoulderY, gussetY } = block;
  const { half } = plan;
  const top = point(0, shoulderY + plan.depthMm);
  return foldedHalf(
    half,
    { low: point(0, gussetY), top },
    {
      edges: [
        ...upperEdges(block, top, allowances),
        edge("side", "side", side.lines, sewnTo(otherHalf(half), "side", allowances.seamMm)),
        ...lowerEdges(half, leg, block.leg, allowances),
      ],
      levels: levelLines(side, top.y),
      grain: grainAt(20, top.y, gussetY),
      notches: waistNotch(side),
      ...(plan.points.length > 0
        ? { points: plan.points.map(({ id, at }) => ({ id, at: point(at.x, at.y + waistY(side)) })) }
        : {}),
    },
  );
}
