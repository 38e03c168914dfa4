import { type FindingKind, remedy } from "./findingKind.ts";
import { EDGES, GIRTHS } from "./spotGroups.ts";

/** A seam that broke in wear. */
export const seamPopped: FindingKind = {
  id: "seam_popped",
  name: "Seam popped",
  sees: "A stitch broke when it was stretched or put on.",
  spots: [
    ...GIRTHS,
    ...EDGES.filter((edge) => edge !== "leg"),
    "strap",
    "sideSeam",
    "crotch",
    "seat",
    "cupTop",
    "cupSide",
    "cupCentre",
  ],
  amount: null,
  fields: [
    {
      id: "thread",
      label: "Which thread broke",
      type: "choice",
      choices: [
        { value: "needle", label: "needle thread" },
        { value: "looper", label: "looper or bobbin thread" },
        { value: "unknown", label: "cannot tell" },
      ],
      needed: true,
    },
  ],
  effect: "note",
  strain: "round",
  answer: ({ detail }) => ({
    remedies: [
      remedy({
        id: "seam-trial",
        on: "making",
        name: "Try the stitch again on a scrap",
        line: "that seam",
        why:
          detail.thread === "needle"
            ? "A needle thread broke: less of its tension, then a shorter stitch, so that more thread lies in the seam."
            : "A looper or bobbin thread broke: textured thread there first, then less of its tension. The seam must stretch a quarter further than the zone does.",
      }),
      remedy({
        id: "allow-more",
        on: "making",
        name: "Plan more stretch for this seam",
        line: "that seam",
        why: "Where it broke while being put on: allow for the strain of pulling on, not only of wear.",
      }),
    ],
  }),
};
