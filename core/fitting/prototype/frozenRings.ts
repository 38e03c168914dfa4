import { consequencesOf, wornIn } from "../../ease/index.ts";
import type { FrozenPlan } from "./frozenPlan.ts";
import type { NextRing } from "./nextPlan.ts";

/** The rings of a frozen plan with their consequences, which are computed from what was frozen and not kept. */
export const frozenRings = ({ rings, stretch, style }: Pick<FrozenPlan, "rings" | "stretch" | "style">): NextRing[] =>
  rings.map((ring) => ({
    ...ring,
    consequences: consequencesOf(ring.nowMm, { ...ring, ...wornIn(style, stretch) }),
  }));
