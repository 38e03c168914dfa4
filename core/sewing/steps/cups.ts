import { isBra, isWired } from "../made.ts";
import type { SewingStep } from "../step.ts";

/** Cups and the frame they stand in. */
export const cupSteps: readonly SewingStep[] = [
  {
    ...{ id: "cups", name: "Sew the cups", guessMin: 45, appears: isBra },
    fit: "A cup held to the breast: its seams lie on the apex, nothing spills or stands empty.",
  },
  { id: "frame", name: "Join bridge, cradle and wings", guessMin: 30, appears: isBra },
  {
    ...{ id: "cupsIn", name: "Set the cups into the cradle", guessMin: 40, appears: isBra },
    after: [
      { step: "cups", why: "a cup is set in whole" },
      { step: "frame", why: "the cradle is the line it stands on" },
    ],
  },
  {
    ...{ id: "channels", name: "Sew the wire channels", guessMin: 30, appears: isWired },
    after: [{ step: "cupsIn", why: "the channel covers the seam of the cup" }],
    how: "Its ends stay open for the wire.",
  },
];
