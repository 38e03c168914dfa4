import { fail, ok, type Result } from "../../../result.ts";
import { point, smoothCurve, straight } from "../../geometry/index.ts";
import { type DrillPoint, grainAt, type Piece } from "../../piece/index.ts";
import { armholeCurve } from "../armhole.ts";
import type { Half } from "../drawn.ts";
import { edge, foldedHalf, otherHalf, sewnTo } from "../drawn.ts";
import { hemAtCentre, hemCurve } from "../hem.ts";
import { levelLines, shapedSide, waistNotch } from "../shapedSide.ts";
import type { SideLevel } from "../sideCurve.ts";

/** What one half of a camisole is drawn from, mm. */
export interface TopPlan {
  readonly half: Half;
  readonly levels: readonly SideLevel[];
  /** From the underarm along the side to the hem. */
  readonly sideMm: number;
  /** From the waist to the hem at the centre; null where that is not known. */
  readonly centreMm: number | null;
  /** From the centre to the middle of the strap seat. */
  readonly strapAtMm: number;
  readonly strapMm: number;
  readonly riseMm: number;
  readonly dipMm: number;
  readonly seamMm: number;
  readonly upperMm: number;
  readonly hemMm: number;
  /** What is marked on it. */
  readonly points?: readonly DrillPoint[];
}

/** Across a piece, away from the centre. */
const ACROSS = point(1, 0);

/** A neckline is level at the centre and nearly straight to the strap; an armhole scoops. */
const NECKLINE = { leaving: 0.4, arriving: 0.3 };
const ARMHOLE = { leaving: 0.45, arriving: 0.5 };

/** Room left between strap and underarm, mm: the armhole needs it. */
const LEAST_ARMHOLE_MM = 25;

/**
 * One half of a camisole, y = 0 at the underarm level of the centre.
 * @returns the piece; `side-too-short`; or `strap-outside` where the strap seat has no room inside the underarm.
 */
export function topHalf(plan: TopPlan): Result<Piece> {
  const { half, strapAtMm, strapMm, riseMm, dipMm } = plan;
  // A side that leans in below the arm stands lower than the centre, so that the armhole meets it square without a wave.
  const shaped = shapedSide(half, plan.levels, { fromMm: 0, toMm: plan.sideMm });
  if (!shaped.ok) return shaped;
  const { top, bottom, lines } = shaped.value;
  const [inner, outer] = [point(strapAtMm - strapMm / 2, -riseMm), point(strapAtMm + strapMm / 2, -riseMm)];
  if (top.at.x - outer.x < LEAST_ARMHOLE_MM)
    return fail(
      "strap-outside",
      `Expected the strap of the ${half} to end ${LEAST_ARMHOLE_MM} mm or more inside the underarm, but it ends at ${outer.x.toFixed(0)} of ${top.at.x.toFixed(0)} mm: the planned bust is too small for straps of ${strapMm.toFixed(0)} mm there.`,
    );
  const centreTop = point(0, dipMm - riseMm);
  const centreLow = hemAtCentre(shaped.value, plan.centreMm);
  const neckline = smoothCurve(
    { at: centreTop, toward: ACROSS },
    { at: inner, toward: dipMm > 0 ? rising(inner.x, dipMm) : ACROSS },
    NECKLINE,
  );
  const armhole = armholeCurve(outer, top, ARMHOLE);
  const hem = hemCurve(bottom, centreLow);
  const upper = { finish: "elastic", allowanceMm: plan.upperMm } as const;
  return ok(
    foldedHalf(
      half,
      { low: centreLow, top: centreTop },
      {
        edges: [
          edge("neckline", "neckline", [neckline], upper),
          edge("strap", "strap", [straight(inner, outer)], { finish: "seam", allowanceMm: plan.seamMm }),
          edge("armhole", "armhole", [armhole], upper),
          edge("side", "side", lines, sewnTo(otherHalf(half), "side", plan.seamMm)),
          edge("hem", "hem", [hem], { finish: "hem", allowanceMm: plan.hemMm }),
        ],
        levels: levelLines(shaped.value, centreTop.y).filter(({ level }) => level !== "hem"),
        grain: grainAt(strapAtMm / 2, 0, bottom.at.y),
        notches: waistNotch(shaped.value),
        ...(plan.points?.length ? { points: plan.points } : {}),
      },
    ),
  );
}

/** The way a dipped neckline arrives at its strap: along its chord, a little steeper. */
const STEEPER = 1.4;

function rising(acrossMm: number, upMm: number) {
  const length = Math.hypot(acrossMm, STEEPER * upMm);
  return point(acrossMm / length, (-STEEPER * upMm) / length);
}
