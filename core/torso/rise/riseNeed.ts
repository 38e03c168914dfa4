import type { BodyFacts, Reckoned } from "../../calculation/index.ts";
import type { Drops } from "../../ease/index.ts";
import type { Elsewhere } from "../../standing/index.ts";
import type { RiseWorking } from "./working.ts";

/** A planned rise: what the plan cuts it to for a body length, and that body length before any drop. */
export interface PlannedRise {
  /** Crotch length of the body on that side, mm. */
  readonly bodyMm: number;
  /** Cut length of one mm of it: stretch and draw-in of the plan. */
  readonly cutPerMm: number;
}

/** What rises are reckoned from beside the working. */
export interface RiseFacts {
  readonly body: BodyFacts | null;
  readonly drops: Drops;
  /** What Pieces was told of it. */
  readonly elsewhere: Elsewhere;
  /** Null where the ease plan cannot say yet. */
  readonly front: PlannedRise | null;
  readonly back: PlannedRise | null;
  /** Why there is no planned rise; null where there is one. */
  readonly noPlan: string | null;
  /** Planned girths of the garment at waist, high hip and hip. */
  readonly garment: Readonly<Partial<Record<"waist" | "highHip" | "hip", number>>>;
  /** The elastic of the top edge as it is cut over drawn pieces, and where that edge sits; null where there is none. */
  readonly drawnElastic: { readonly number: Reckoned; readonly drops: Drops } | null;
  /** The style is a bottom: its top edge is its own, not joined to a top. */
  readonly ownTopEdge: boolean;
}

/** What was told of where the top edge sits. */
export type ToldDrops = Pick<RiseWorking, "dropFrontMm" | "dropBackMm" | "dropSideMm">;

/** Where the top edge is to sit below the waist, mm; at the side, where that is not told, as far from the style as front and back are in the middle. */
export function dropsOf({ dropFrontMm, dropBackMm, dropSideMm }: ToldDrops, style: Drops): Drops {
  const [front, back] = [dropFrontMm ?? style.front, dropBackMm ?? style.back];
  return { front, back, side: dropSideMm ?? style.side + (front - style.front + back - style.back) / 2 };
}

/** A rise as the body needs it, cut; null while the ease plan cannot say, or the edge would sit below the crotch. mm. */
export const neededRiseMm = (side: "front" | "back", working: RiseWorking, facts: RiseFacts): number | null => {
  const planned = facts[side];
  if (!planned || isTooDeep(side, working, facts)) return null;
  return (planned.bodyMm - dropsOf(working, facts.drops)[side]) * planned.cutPerMm;
};

/** True where the edge was asked for as low as the crotch, or lower: no rise is left. */
export const isTooDeep = (side: "front" | "back", working: RiseWorking, facts: RiseFacts): boolean => {
  const planned = facts[side];
  return planned !== null && dropsOf(working, facts.drops)[side] >= planned.bodyMm;
};
