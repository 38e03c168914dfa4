import { hangs, hasHem, hasLegs, isBra, isBrief, isWired } from "../made.ts";
import type { SewingStep } from "../step.ts";

const SHOULDERS = { step: "shoulders", why: "its edge goes on over the shoulder" } as const;
const SIDES = { step: "sides", why: "an elastic goes round in one" } as const;

/** Elastics, bindings and hems. */
export const edgeSteps: readonly SewingStep[] = [
  {
    ...{ id: "neckline", name: "Finish the neckline", guessMin: 25, appears: hangs, settles: "neckline bound" },
    after: [SHOULDERS],
  },
  {
    ...{ id: "armholes", name: "Finish the armholes", guessMin: 25, appears: hangs, settles: "armholes bound" },
    after: [SIDES, SHOULDERS],
  },
  {
    ...{ id: "legElastics", name: "Sew the leg elastics in", guessMin: 30, appears: hasLegs },
    how: "Quartered and matched; no stretch in front, the rest in the back.",
    after: [SIDES],
    settles: "leg elastics in",
  },
  {
    ...{ id: "waistElastic", name: "Sew the waist elastic in", guessMin: 20, appears: isBrief },
    how: "Quartered and matched.",
    after: [SIDES],
    settles: "waist or band elastic in",
  },
  {
    ...{ id: "bandElastics", name: "Sew the band elastics in", guessMin: 40, appears: isBra },
    how: "Quartered; loose under the cups, the stretch in the wings.",
    after: [
      { step: "cupsIn", why: "the lower edge goes through under the cup" },
      { step: "channels", why: "the elastic covers their lower ends" },
    ],
    settles: "waist or band elastic in",
  },
  {
    ...{ id: "wires", name: "Push the wires in and close their channels", guessMin: 15, appears: isWired },
    after: [{ step: "bandElastics", why: "its stitches must not meet the wire" }],
    fit: "The wire lies flat at the root, clear of the breast at the side and of the bone in front.",
  },
  {
    ...{ id: "hem", name: "Level and sew the hem", guessMin: 30, appears: hasHem },
    after: [SIDES, { step: "hang", why: "cloth on the bias drops unevenly first" }],
  },
];
