import { type AdviserRule, DIFFERENTIAL_STEP } from "./rule.ts";

/** A seam that waves: the cloth is stretched while it is sewn. */
export const waves: AdviserRule = {
  id: "waves",
  says: ({ look, differential }) => {
    if (look !== "wavy") return null;
    return differential === null
      ? {
          change: "footPressure",
          to: null,
          reason: "The seam waves: less pressure on the foot stretches the cloth less.",
        }
      : {
          ...{ change: "differential", to: differential + DIFFERENTIAL_STEP },
          reason: "The seam waves: more differential holds the cloth back; less pressure on the foot helps.",
        };
  },
};
