import { hasLegs, isLined } from "../made.ts";
import type { SewingStep } from "../step.ts";

/** Gusset, lining and what lies inside. */
export const innerSteps: readonly SewingStep[] = [
  {
    ...{ id: "gussetFront", name: "Sew the gusset to the front", guessMin: 15, appears: hasLegs },
    how: "Its lining rolled in, so that the seam is enclosed.",
  },
  {
    ...{ id: "gussetBack", name: "Sew the gusset to the back", guessMin: 15, appears: hasLegs },
    how: "The inseam is stretched while it is sewn: it takes most when the garment is put on.",
    after: [{ step: "gussetFront", why: "the second seam encloses the first" }],
  },
  {
    ...{ id: "lining", name: "Make up the lining and lay it in", guessMin: 30, appears: isLined },
    settles: "lining in",
  },
  {
    ...{ id: "innerBand", name: "Sew the band inside", guessMin: 20 },
    appears: (made) => hasLegs(made) && made.style.zones.includes("underbust"),
    how: "Along both of its lines, its elastic in the lower one.",
  },
];
