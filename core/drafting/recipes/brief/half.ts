import { fail, ok, type Result } from "../../../result.ts";
import { type Edge, point, smoothCurve } from "../../geometry/index.ts";
import { grainAt, outward, type Piece } from "../../piece/index.ts";
import type { Half } from "../drawn.ts";
import { edge, foldedHalf, otherHalf, sewnTo } from "../drawn.ts";
import type { LegAllowances } from "../legs/gusset.ts";
import type { LegEnds } from "../legs/legCurve.ts";
import { legEnds, lowerEdges } from "../legs/legEnds.ts";
import { levelLines, type ShapedSide, shapedSide } from "../shapedSide.ts";
import type { SideLevel } from "../sideCurve.ts";

/** A waist keeps to its ends' directions for this part of its way: level in the middle, square at the side. */
const WAIST = { leaving: 0.45, arriving: 0.25 };

/** What one half of a brief is drawn from, mm. */
export interface HalfPlan {
  readonly half: Half;
  readonly levels: readonly SideLevel[];
  /** From the waist to the gusset, before the drop. */
  readonly centreMm: number;
  readonly dropCentreMm: number;
  readonly dropSideMm: number;
  /** Where the leg meets the side, along it from the natural waist. */
  readonly legAtMm: number;
  readonly gussetHalfMm: number;
}

/** One half as far as it stands without its leg edge. */
export interface HalfBlock {
  readonly plan: HalfPlan;
  readonly side: ShapedSide;
  readonly waist: Edge;
  readonly leg: LegEnds;
}

/** A side and a centre are at least so long, mm: shorter and there is nothing to sew. */
const LEAST_MM = 15;

/**
 * Draws waist and side of one half, and says where its leg runs.
 * @returns `side-too-short`, `no-side-left`, `no-centre-left` or `crotch-too-high` where the measures do not fit one another.
 */
export function halfBlock(plan: HalfPlan): Result<HalfBlock> {
  const name = plan.half;
  if (plan.legAtMm - plan.dropSideMm < LEAST_MM)
    return fail(
      "no-side-left",
      `Expected a side seam of ${LEAST_MM} mm or more between waist and leg, but the waist is lowered to ${plan.dropSideMm.toFixed(0)} mm and the leg raised to ${plan.legAtMm.toFixed(0)} mm below the natural waist.`,
    );
  if (plan.centreMm - plan.dropCentreMm < LEAST_MM)
    return fail(
      "no-centre-left",
      `Expected a centre ${name} of ${LEAST_MM} mm or more, but crotch_${name} leaves ${plan.centreMm.toFixed(0)} mm above the gusset and the waist is lowered by ${plan.dropCentreMm.toFixed(0)} mm.`,
    );
  const shaped = shapedSide(name, plan.levels, { fromMm: plan.dropSideMm, toMm: plan.legAtMm });
  if (!shaped.ok) return shaped;
  const leg = legEnds(name, shaped.value, { halfMm: plan.gussetHalfMm, atMm: plan.centreMm });
  if (!leg.ok) return leg;
  const { top } = shaped.value;
  const waist = smoothCurve(
    { at: point(0, plan.dropCentreMm), toward: point(1, 0) },
    { at: top.at, toward: outward(top.down) },
    WAIST,
  );
  return ok({ plan, side: shaped.value, waist, leg: leg.value });
}

/** The piece of one half with its leg edge. */
export function halfPiece(block: HalfBlock, leg: readonly Edge[], allowances: LegAllowances): Piece {
  const { half, centreMm, dropCentreMm } = block.plan;
  const { seamMm, edgeMm } = allowances;
  return foldedHalf(
    half,
    { low: point(0, centreMm), top: point(0, dropCentreMm) },
    {
      edges: [
        edge("waist", "waist", [block.waist], { finish: "elastic", allowanceMm: edgeMm }),
        edge("side", "side", block.side.lines, sewnTo(otherHalf(half), "side", seamMm)),
        ...lowerEdges(half, leg, block.leg, allowances),
      ],
      levels: levelLines(block.side, dropCentreMm),
      grain: grainAt(20, dropCentreMm, centreMm),
      notches: [],
    },
  );
}
