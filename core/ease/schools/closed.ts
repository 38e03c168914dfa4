import { fail, ok } from "../../result.ts";
import type { School } from "./school.ts";

/** Closed as its reduction was decided: the body gives, not the cloth. Only for boned garments, whose reduction is decided on a step of its own. */
export const closedSchool: School = {
  id: "closed",
  name: "Reduction",
  summary: "Closed as its reduction decides.",
  blindTo: "Blind to the cloth, which must not give.",
  formula: "G = C",
  girth({ closedMm }) {
    return closedMm === undefined
      ? fail(
          "no-closed-girth",
          "Expected a closed girth, but no reduction was decided: it is asked for under Reduction.",
        )
      : ok({ exactMm: closedMm, habit: closedMm });
  },
  heldByStableCloth: false,
  drawsIn: false,
  goesByLiked: false,
  lengthStrain: () => ok(0),
  terms: ({ zone, girth }) => [
    {
      ...{ symbol: "C", meaning: `closed girth at the ${zone}`, value: girth.habit, unit: "length" },
      ...{ kind: "setting", source: "Reduction" },
    },
  ],
};
