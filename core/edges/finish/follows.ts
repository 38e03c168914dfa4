import type { EdgeRole } from "../../drafting/index.ts";

/** What follows from another finish at an edge, in sentences: what else has to be looked at. */
const FOLLOWS: Readonly<Partial<Record<EdgeRole, string>>> = {
  top: "The cup's top edge moves with its finish: the wave of the edge, and what shows above it, are other than they were.",
  neckline: "At a cup the top edge moves with its finish; on a bra the bridge and the fold at the channel with it.",
  armhole:
    "At a wired bra the channel loses the fold of this edge: hold the wire's height at the underarm against it again.",
  wire: "The channel lies in this allowance: the wire has more or less room.",
  waist: "A casing is cut to this edge, and what turns over takes up height: the rise ends elsewhere.",
  leg: "What turns over takes up cloth along a bent edge: a wide turn pulls at the inside of the leg.",
  hem: "A lower edge that is turned ends higher by what is turned.",
};

/** What follows from another finish at an edge of a role; null where nothing is known to. */
export const followsFinish = (role: EdgeRole): string | null => FOLLOWS[role] ?? null;
