import { type FindingKind, remedy } from "./findingKind.ts";
import { EDGES, GIRTHS } from "./spotGroups.ts";

/** Left and right differ. */
export const uneven: FindingKind = {
  id: "uneven",
  name: "Left and right differ",
  sees: "One side sits higher, fuller or wider than the other.",
  spots: [
    ...GIRTHS,
    ...EDGES.filter((edge) => edge !== "leg"),
    "strap",
    "bustPoint",
    "underarm",
    "sideOfBust",
    "cupTop",
    "cupSide",
    "cupCentre",
    "seat",
  ],
  amount: {
    name: "Difference",
    howToRead: "How much the side named above is off, compared with the other.",
    needed: true,
    canBeFolded: false,
  },
  fields: [
    {
      id: "which",
      label: "That side needs",
      type: "choice",
      choices: [
        { value: "more", label: "more" },
        { value: "less", label: "less" },
      ],
      needed: true,
    },
  ],
  effect: "reshape",
  strain: "round",
  answer({ side, takeMm, detail }) {
    if (side === "both") return { remedies: [], asks: ["Say which side is to change: left or right."] };
    const sign = detail.which === "less" ? -1 : 1;
    return {
      remedies: [
        remedy({
          id: "one-side",
          on: "edge",
          name: `Change the ${side} side only`,
          pieces: `${side} pieces`,
          line: "the seam or edge next to it",
          blend: "to nothing at the centre",
          amountMm: takeMm === null ? null : sign * Math.abs(takeMm),
          why: "One side only; keep the pieces as left and right from now on.",
        }),
      ],
    };
  },
};
