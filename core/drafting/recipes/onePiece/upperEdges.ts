import { PLAIN, type Point, point, smoothCurve, straight } from "../../geometry/index.ts";
import type { PieceEdge } from "../../piece/index.ts";
import { outward } from "../../piece/index.ts";
import { armholeCurve } from "../armhole.ts";
import { edge, otherHalf, sewnTo } from "../drawn.ts";
import type { LegAllowances } from "../legs/gusset.ts";
import type { BodyBlock } from "./bodyPlan.ts";
import { topLine } from "./topLines.ts";

/** An armhole goes straight down from the strap, and meets the underarm square. */
const ARMHOLE = { leaving: 0.5, arriving: 0.45 };

/** Across a piece, away from the centre. */
const ACROSS = point(1, 0);

/** The edges of a half above its side, from the centre round: neckline, shoulder and armhole, or one line across a halter's back. */
export function upperEdges({ plan, side, shoulderY }: BodyBlock, top: Point, allowances: LegAllowances): PieceEdge[] {
  const { half, line, strapAtMm, strapMm } = plan;
  const elastic = { finish: "elastic", allowanceMm: allowances.edgeMm } as const;
  if (line === "halter") {
    // Level at the centre, square to the side: the front's armhole goes on in it.
    const across = smoothCurve({ at: top, toward: ACROSS }, { at: side.top.at, toward: outward(side.top.down) }, PLAIN);
    return [edge("neckline", "neckline", [across], elastic)];
  }
  const [inner, outer] = [point(strapAtMm - strapMm / 2, shoulderY), point(strapAtMm + strapMm / 2, shoulderY)];
  const seam = plan.tied
    ? ({ finish: "seam", allowanceMm: allowances.seamMm } as const)
    : sewnTo(otherHalf(half), "shoulder", allowances.seamMm);
  return [
    edge("neckline", "neckline", topLine(line, top, inner), elastic),
    edge("shoulder", plan.tied ? "strap" : "shoulder", [straight(inner, outer)], seam),
    edge("armhole", "armhole", [armholeCurve(outer, side.top, ARMHOLE)], elastic),
  ];
}
