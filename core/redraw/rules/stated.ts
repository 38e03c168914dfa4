import { call, statedOf, TRUNK_LOOP } from "../../drafting/index.ts";
import { type Change, lengthEffects } from "../../fitting/index.ts";
import { DRAW_RULES } from "./index.ts";
import { type DrawRule, instead, NO_AMOUNT, oneSideOnly } from "./rule.ts";

/** Lengths of a style that are the trunk loop, or a part of it. */
const IN_TRUNK: readonly string[] = ["trunk", "frontWaist", "backWaist", "frontRise", "backRise"];

/**
 * Changes on a pattern from elsewhere: where only lengths are stated, those that count to the girth or loop are stated anew. Its lines
 * are moved by hand, and read in again.
 */
export const drawStated: DrawRule = (change, draft) => {
  if (change.on === "elastic" || change.on === "making") return DRAW_RULES[change.on](change, draft);
  const level = levelOf(change);
  const parts = statedOf(draft).filter(({ counts }) => counts === level);
  if (level === null || parts.length === 0)
    return instead("It is drawn on your own pattern: change its lines there, and state or read in the edges anew.");
  if (change.amountMm === null) return NO_AMOUNT;
  const one = oneSideOnly(change);
  if (one) return one;
  if (parts.some(({ lengthMm }) => lengthMm === null))
    return instead("Its lines were read in from a file: change them there, and read the file in again.");
  return { calls: [call("restate", { level, amount: amountOf(change, change.amountMm) })] };
};

const levelOf = (change: Change): string | null => {
  if (change.on === "girth") return change.zone;
  return change.on === "length" && inTrunk(change).length > 0 ? TRUNK_LOOP : null;
};

/** What a change does to the trunk loop: every part of it, each by its own amount. */
const inTrunk = (change: Change) => lengthEffects(change).filter(({ lengthId }) => IN_TRUNK.includes(lengthId));

const amountOf = (change: Change, amountMm: number): number =>
  change.on === "girth" ? amountMm : inTrunk(change).reduce((sum, { byMm }) => sum + byMm, 0);
