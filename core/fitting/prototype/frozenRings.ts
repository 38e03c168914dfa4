import { consequencesOf } from "../../ease/index.ts";
import type { FrozenPlan } from "./frozenPlan.ts";
import type { NextRing } from "./nextPlan.ts";

/** The rings of a frozen plan with their consequences, which are computed from what was frozen and not kept. */
export const frozenRings = ({ rings, stretch }: Pick<FrozenPlan, "rings" | "stretch">): NextRing[] =>
  rings.map((ring) => ({ ...ring, consequences: consequencesOf(ring.nowMm, { ...ring, ...stretch }) }));
