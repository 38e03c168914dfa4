import type { DrillPoint } from "../../piece/index.ts";
import type { Half } from "../drawn.ts";
import type { LegEnds } from "../legs/legCurve.ts";
import type { ShapedSide } from "../shapedSide.ts";
import type { SideLevel } from "../sideCurve.ts";
import type { TopLine } from "./topLines.ts";

/** What one half of a one-piece is drawn from, mm. */
export interface BodyPlan {
  readonly half: Half;
  readonly levels: readonly SideLevel[];
  /** From the underarm along the side to the leg. */
  readonly sideMm: number;
  /** From the waist up to the shoulder and down to the gusset. */
  readonly shoulderMm: number;
  readonly gussetMm: number;
  readonly gussetHalfMm: number;
  /** From the centre to the middle of the strap. */
  readonly strapAtMm: number;
  readonly strapMm: number;
  /** From the shoulder down to the line of the neck or the back at the centre. */
  readonly depthMm: number;
  readonly line: TopLine | "halter";
  /** True where its strap is tied at the neck and sewn to no shoulder. */
  readonly tied: boolean;
  /** What is marked on it, y counted from the waist. */
  readonly points: readonly DrillPoint[];
}

/** One half as far as it stands without its leg edge; y = 0 at the underarm level of the centre. */
export interface BodyBlock {
  readonly plan: BodyPlan;
  readonly side: ShapedSide;
  readonly leg: LegEnds;
  readonly shoulderY: number;
  readonly gussetY: number;
}
