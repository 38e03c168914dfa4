import { type Advice, type AdviserRule, TENSION_STEP } from "./rule.ts";

const tighter = (change: Advice["change"], dial: number, side: string): Advice => ({
  ...{ change, to: dial + TENSION_STEP },
  reason: `Nothing broke, but loops lie toward the ${side}: more tension draws them back to the edge.`,
});

/** Loops that lie toward one side: the threads are out of balance. */
export const loops: AdviserRule = {
  id: "loops",
  says({ look, tensions: { lowerLooper, upperLooper, bobbin, leftNeedle } }) {
    if (look === "loopsTop") {
      const [change, dial] =
        lowerLooper === undefined ? (["bobbin", bobbin] as const) : (["lowerLooper", lowerLooper] as const);
      return dial === undefined ? null : tighter(change, dial, "top");
    }
    if (look !== "loopsUnder") return null;
    const [change, dial] =
      upperLooper === undefined ? (["leftNeedle", leftNeedle] as const) : (["upperLooper", upperLooper] as const);
    return dial === undefined ? null : tighter(change, dial, "underside");
  },
};
