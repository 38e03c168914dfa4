import { type AdviserRule, DIFFERENTIAL_STEP } from "./rule.ts";

/** A seam that puckers or stands up as a tunnel: too much cloth, or too much tension, in it. */
export const puckers: AdviserRule = {
  id: "puckers",
  says: ({ look, differential }) => {
    if (look !== "puckered" && look !== "tunnelled") return null;
    const seen = look === "puckered" ? "The seam puckers" : "The seam stands up as a tunnel";
    return differential === null
      ? { change: "footPressure", to: null, reason: `${seen}: less tension, and less pressure on the foot.` }
      : {
          ...{ change: "differential", to: differential - DIFFERENTIAL_STEP },
          reason: `${seen}: less differential gathers it less; less tension helps.`,
        };
  },
};
