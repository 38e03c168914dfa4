import { isNeedle, isPosition, POSITION_NAMES } from "../position.ts";
import { type AdviserRule, TENSION_STEP } from "./rule.ts";

/** A needle's dial is taken back no further than this below where a balanced seam begins. */
const MOST_BELOW_BASE = 2;

/** A stitch is shortened by this at a time, and no further than to this, mm. */
const [LENGTH_STEP_MM, SHORTEST_MM] = [0.5, 1.5];

/** A needle thread that broke: more thread has to come into the seam. */
export const needleThread: AdviserRule = {
  id: "needleThread",
  says({ gave, texturedLoopers, clothClass, tensions, base, stitchLengthMm }) {
    if (!isPosition(gave) || !isNeedle(gave)) return null;
    const name = POSITION_NAMES[gave];
    if (!texturedLoopers && clothClass === "power")
      return {
        ...{ change: "looperThread", to: "textured" },
        reason: `The ${name} thread broke on power cloth with plain thread in the loopers: textured loopers take the load off it.`,
      };
    const dial = tensions[gave];
    if (dial !== undefined && dial > base - MOST_BELOW_BASE && dial > 0)
      return {
        ...{ change: gave, to: Math.max(0, base - MOST_BELOW_BASE, dial - TENSION_STEP) },
        reason: `The ${name} thread broke first: less tension puts more thread into the seam.`,
      };
    if (stitchLengthMm > SHORTEST_MM)
      return {
        ...{ change: "stitchLength", to: Math.max(SHORTEST_MM, stitchLengthMm - LENGTH_STEP_MM) },
        reason: `The ${name} thread broke, and its dial is as low as it goes well: a shorter stitch puts more thread into the seam.`,
      };
    return {
      ...{ change: "feedStretched", to: null },
      reason: `The ${name} thread broke with a low dial and a short stitch: feed the cloth slightly stretched there.`,
    };
  },
};
