import { type FindingKind, remedy } from "./findingKind.ts";

/** A side seam that leaves the vertical. */
export const swing: FindingKind = {
  id: "swing",
  name: "Side seam swings",
  sees: "The side seam leans forward or back instead of hanging straight.",
  spots: ["sideSeam"],
  amount: {
    name: "Off the vertical",
    howToRead: "From the seam to a plumb line through its top end, at the place where it is furthest off.",
    needed: true,
    canBeFolded: false,
  },
  fields: [
    {
      id: "way",
      label: "It swings",
      type: "choice",
      choices: [
        { value: "forward", label: "to the front" },
        { value: "back", label: "to the back" },
      ],
      needed: true,
    },
  ],
  effect: "reshape",
  strain: "round",
  answer: ({ takeMm, detail }) => ({
    remedies: [
      remedy({
        id: detail.way === "forward" ? "balance-front" : "balance-back",
        on: "balance",
        name:
          detail.way === "forward" ? "Give to the front, take from the back" : "Give to the back, take from the front",
        pieces: "front, back",
        line: "side seams",
        blend: "to nothing where the seam hangs right",
        amountMm: takeMm,
        why: "The seam is drawn to the side that lacks girth: move it over, front and back by the same amount, the whole girth stays.",
      }),
    ],
  }),
};
