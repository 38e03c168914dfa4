import { ZONES } from "../../ease/zones.ts";
import type { FindingKind } from "./findingKind.ts";

/** Too little girth: red marks, cloth stretched thin, seams grinning. */
export const tight: FindingKind = {
  id: "tight",
  name: "Tight",
  sees: "Red marks, cloth stretched thin, seams that grin through.",
  amountName: "Gap to comfort",
  howToRead: "How much more girth would be comfortable, round the whole body.",
  effect: "addition",
  canBeFolded: false,
  zones: ZONES,
  proposalText: () => "Let out by the whole gap: too much given is easily taken off later.",
  alternatives: () => ["From the seam allowances where they suffice, otherwise in the next prototype."],
};
