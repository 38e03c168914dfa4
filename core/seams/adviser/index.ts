import { enough } from "./enough.ts";
import { loops } from "./loops.ts";
import { needleThread } from "./needleThread.ts";
import { puckers } from "./puckers.ts";
import type { Advice, AdviserRule, Evidence } from "./rule.ts";
import { skips } from "./skips.ts";
import { tooShort } from "./tooShort.ts";
import { underThread } from "./underThread.ts";
import { waves } from "./waves.ts";

export type { Advice, AdvisedChange, Evidence } from "./rule.ts";

/** Every rule in its order: the first that has something to say is followed, since one thing is changed at a time. Adding one is adding a file and a line. */
export const ADVISER_RULES: readonly AdviserRule[] = [
  ...[skips, underThread, needleThread, loops, waves, puckers, tooShort, enough],
];

/** What to change next after a trial. */
export function advise(evidence: Evidence): Advice {
  for (const { says } of ADVISER_RULES) {
    const advice = says(evidence);
    if (advice) return advice;
  }
  // The last rule always says something.
  throw new Error("No rule of the adviser says anything.");
}
