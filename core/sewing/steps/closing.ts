import { hasHem, isBoned, isBra, isOnePiece } from "../made.ts";
import type { Made, SewingStep } from "../step.ts";

const hasSides = (made: Made): boolean => !isBoned(made) && !isBra(made);

/** Closures, and the seams that close the garment. */
export const closingSteps: readonly SewingStep[] = [
  {
    ...{ id: "closure", name: "Put the closure in", guessMin: 30 },
    appears: (made) => made.opens || isBra(made) || isBoned(made),
    how: "Flat, while both edges can still be reached.",
    settles: "closure in",
  },
  {
    ...{ id: "sidesBasted", name: "Baste the sides", guessMin: 10, appears: hasSides },
    fit: "Width, rise, leg and neckline, standing, sitting, arms up: as tight as it is to be worn, nothing pinned.",
  },
  {
    ...{ id: "sides", name: "Close the sides", guessMin: 15, appears: hasSides },
    after: [
      { step: "sidesBasted", why: "fit is checked before a seam is closed" },
      { step: "gussetBack", why: "it is reached from the open side" },
      { step: "lining", why: "it is caught in the side seam" },
      { step: "innerBand", why: "its ends are caught in the side seam" },
      { step: "closure", why: "it goes in flat" },
    ],
  },
  {
    ...{ id: "shoulders", name: "Close the shoulders", guessMin: 10 },
    appears: (made) => isOnePiece(made) && made.parts.back !== "halter",
    how: "A strip of clear elastic caught in keeps them from growing.",
  },
  {
    ...{ id: "hang", name: "Hang it for a day", guessMin: 5, restMin: 24 * 60 },
    appears: (made) => made.bias && hasHem(made),
    after: [{ step: "sides", why: "it drops as a whole" }],
  },
];
