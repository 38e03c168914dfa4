import type { Zone, ZoneBody, ZonePlan } from "../../ease/index.ts";

/** One ring of cloth that is sewn and measured: a zone, or one side of a zone that has two. */
export interface RingId {
  readonly zone: Zone;
  readonly side: "single" | "left" | "right";
}

/** A ring with what was planned for it, mm. */
export interface PlannedRing extends RingId {
  /** Snug body girth there. */
  readonly bodyMm: number;
  readonly plannedMm: number;
  /** What of it does not stretch, mm; left out where all of it does. */
  readonly stillMm?: number;
}

/** Text form of a ring, for form fields and keys: `waist`, `leg:left`. */
export const ringKey = ({ zone, side }: RingId): string => (side === "single" ? zone : `${zone}:${side}`);

/** True where two ids mean the same ring. */
export const sameRing = (a: RingId, b: RingId): boolean => a.zone === b.zone && a.side === b.side;

/**
 * The rings of a plan at the chosen girths; zones without one are left out. Both legs get the girth that makes room for the larger; each keeps its own body
 * girth, so that the smaller shows where it is loose.
 */
export function ringsOf(zones: readonly ZonePlan[]): PlannedRing[] {
  return zones.flatMap((plan): PlannedRing[] => {
    if (!plan.chosen) return [];
    const { garmentMm: plannedMm, stillMm } = plan.chosen.consequences;
    if (plan.body.side === "single") {
      return [
        { zone: plan.zone, side: "single", bodyMm: plan.body.snugMm, plannedMm, ...(stillMm ? { stillMm } : {}) },
      ];
    }
    return sidesOfPlan(plan).map(({ side, bodyMm }) => ({ zone: plan.zone, side, bodyMm, plannedMm }));
  });
}

function sidesOfPlan(plan: ZonePlan): { side: "left" | "right"; bodyMm: number }[] {
  const other: ZoneBody = plan.smallerSide ?? plan.body;
  return (["left", "right"] as const).map((side) => ({
    side,
    bodyMm: plan.body.side === side ? plan.body.snugMm : other.snugMm,
  }));
}
