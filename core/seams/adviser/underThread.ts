import { isNeedle, isPosition, POSITION_NAMES } from "../position.ts";
import { type AdviserRule, TENSION_STEP } from "./rule.ts";

/** A looper or bobbin thread that broke. */
export const underThread: AdviserRule = {
  id: "underThread",
  says({ gave, texturedLoopers, tensions }) {
    if (!isPosition(gave) || isNeedle(gave)) return null;
    const name = POSITION_NAMES[gave];
    if (!texturedLoopers)
      return {
        ...{ change: "looperThread", to: "textured" },
        reason: `The ${name} thread broke first and is plain: textured thread there gives with the cloth.`,
      };
    const dial = tensions[gave];
    return dial === undefined || dial < TENSION_STEP
      ? null
      : {
          ...{ change: gave, to: dial - TENSION_STEP },
          reason: `The ${name} thread broke first: less tension puts more thread into the seam.`,
        };
  },
};
