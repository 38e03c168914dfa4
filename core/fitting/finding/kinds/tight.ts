import { type FindingKind, remedy } from "./findingKind.ts";
import { GIRTHS } from "./spotGroups.ts";
import { girthThrough, isOverCups, throughCups } from "./takeIn.ts";
import { toSchool } from "./toSchool.ts";

/** Too little girth: red marks, cloth stretched thin, seams grinning. */
export const tight: FindingKind = {
  id: "tight",
  name: "Tight",
  sees: "Red marks, cloth stretched thin, seams that grin through.",
  spots: [...GIRTHS, "topEdge", "wing"],
  amount: {
    name: "Gap to comfort",
    howToRead: "How much more girth would be comfortable, round the whole body.",
    needed: true,
    canBeFolded: false,
  },
  fields: [
    {
      id: "allowance",
      label: "Allowance to let out",
      type: "amount",
      hint: "What each seam edge still holds; leave empty if not looked at.",
      needed: false,
    },
  ],
  effect: "addition",
  strain: "round",
  answer(facts) {
    const { takeMm, seams, detail } = facts;
    const edgeMm = takeMm === null ? null : takeMm / (2 * seams.count);
    const allowance = typeof detail.allowance === "number" ? detail.allowance : null;
    const suffices = edgeMm !== null && allowance !== null && allowance >= edgeMm;
    const cautions = ["Red marks that stay, numbness or tingling: take it off at once."];
    if (isOverCups(facts)) return { remedies: [throughCups(facts)], cautions };
    return {
      remedies: [
        remedy({
          ...girthThrough(facts),
          id: "let-out",
          name: suffices ? "Let out from the seam allowance" : "Let the girth out",
          amountMm: takeMm,
          why:
            allowance === null
              ? "Let out by the whole gap: too much given is easily taken off later. From the seam allowance if it suffices, otherwise in the next prototype."
              : suffices
                ? "The seam allowance holds it: it can be let out on this prototype, and is given to the next."
                : "The seam allowance does not hold it: it goes into the next prototype.",
        }),
        ...toSchool(facts, "This brings the share of stretch in use back to what the school planned there."),
      ],
      cautions,
    };
  },
};
