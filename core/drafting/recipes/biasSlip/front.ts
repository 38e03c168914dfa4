import { fail, ok, type Result } from "../../../result.ts";
import { type Edge, mapped, partOf, placeAt, point, reversed, straight } from "../../geometry/index.ts";
import type { Piece } from "../../piece/index.ts";
import { armholeCurve } from "../armhole.ts";
import { edge, foldedHalf, sewnTo } from "../drawn.ts";
import { hemAtCentre, hemCurve } from "../hem.ts";
import { levelLines, shapedSide, waistNotch } from "../shapedSide.ts";
import type { SideLevel } from "../sideCurve.ts";
import { biasGrain } from "./grain.ts";

/** What the front of a slip is drawn from, mm. */
export interface CowlPlan {
  readonly levels: readonly SideLevel[];
  readonly sideMm: number;
  /** From the waist to the hem at the centre; null where that is not known. */
  readonly centreMm: number | null;
  /** From the centre to the end of the top edge, where the strap is caught: the cowl is in it. */
  readonly strapAtMm: number;
  readonly riseMm: number;
  readonly facingMm: number;
  readonly seamMm: number;
  readonly hemMm: number;
}

const ARMHOLE = { leaving: 0.45, arriving: 0.5 };

/** Room left between strap and underarm, mm. */
const LEAST_ARMHOLE_MM = 15;

/** Halvings that find where an armhole has gone a depth. */
const HALVINGS = 40;

/**
 * The front with its cowl: the top edge is a straight fold, square to the centre, as wide as the cowl makes it; above it lies
 * the facing, its mirror image.
 * @returns the piece; `side-too-short`; or `strap-outside` where strap and underarm do not leave room for an armhole.
 */
export function cowlFront(plan: CowlPlan): Result<Piece> {
  const shaped = shapedSide("front", plan.levels, { fromMm: 0, toMm: plan.sideMm });
  if (!shaped.ok) return shaped;
  const { top, bottom, lines } = shaped.value;
  const { strapAtMm, riseMm, facingMm } = plan;
  if (top.at.x - strapAtMm < LEAST_ARMHOLE_MM || top.at.y + riseMm <= facingMm)
    return fail(
      "strap-outside",
      `Expected the top edge of the front to end ${LEAST_ARMHOLE_MM} mm or more inside the underarm and its facing of ${facingMm.toFixed(0)} mm above it, but it ends at ${strapAtMm.toFixed(0)} of ${top.at.x.toFixed(0)} mm, ${(top.at.y + riseMm).toFixed(0)} mm above the underarm.`,
    );
  const strap = point(strapAtMm, -riseMm);
  const armhole = armholeCurve(strap, top, ARMHOLE);
  const over = mirroredUp(armhole, -riseMm, facingMm);
  const corner = over[0]?.from ?? strap;
  const [high, low] = [point(0, -riseMm - facingMm), hemAtCentre(shaped.value, plan.centreMm)];
  const hem = hemCurve(bottom, low);
  const caught = { finish: "seam", allowanceMm: plan.seamMm } as const;
  return ok(
    foldedHalf(
      "front",
      { low, top: high },
      {
        edges: [
          edge("facing", "neckline", [straight(high, corner)], { finish: "raw", allowanceMm: 0 }),
          edge("facingArmhole", "armhole", over, caught),
          edge("armhole", "armhole", [armhole], caught),
          edge("side", "side", lines, sewnTo("back", "side", plan.seamMm)),
          edge("hem", "hem", [hem], { finish: "hem", allowanceMm: plan.hemMm }),
        ],
        // At the bust the cowl hangs: what is drawn there is no girth.
        levels: levelLines(shaped.value, 0).filter(({ level }) => level === "waist" || level === "hip"),
        grain: biasGrain(strapAtMm / 2, bottom.at.y / 2),
        notches: [...waistNotch(shaped.value), { edge: "facingArmhole", mm: 0 }],
      },
    ),
  );
}

/** The upper part of an armhole, down to a depth, turned up over the fold it begins at: gone along from above down to the fold. */
function mirroredUp(armhole: Edge, foldY: number, depthMm: number): Edge[] {
  let [low, high] = [0, 1];
  for (let halving = 0; halving < HALVINGS; halving += 1) {
    const middle = (low + high) / 2;
    if (placeAt(armhole, middle).y - foldY < depthMm) low = middle;
    else high = middle;
  }
  return [mapped(reversed(partOf(armhole, 0, low)), ({ x, y }) => point(x, 2 * foldY - y))];
}
