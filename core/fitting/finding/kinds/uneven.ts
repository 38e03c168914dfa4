import { type FindingFacts, type FindingKind, type Remedy, remedy } from "./findingKind.ts";
import { CUP_SEAMS, CUP_SPOTS, EDGES, GIRTHS, LEGS, piecesAt } from "./spotGroups.ts";
import { girthThrough, isOverCups } from "./takeIn.ts";

/** Left and right differ. */
export const uneven: FindingKind = {
  id: "uneven",
  name: "Left and right differ",
  sees: "One side sits higher, fuller or wider than the other.",
  spots: [
    ...GIRTHS,
    ...EDGES.filter((edge) => !LEGS.includes(edge)),
    "strap",
    "bustPoint",
    "underarm",
    "sideOfBust",
    "cupTop",
    "cupSide",
    "cupCentre",
    "cupLower",
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
  answer(facts) {
    const { side, takeMm, detail } = facts;
    if (side === "both") return { remedies: [], asks: ["Say which side is to change: left or right."] };
    const sign = detail.which === "less" ? -1 : 1;
    return {
      remedies: [
        remedy({
          ...actOn(facts),
          id: "one-side",
          name: `Change the ${side} side only`,
          amountMm: takeMm === null ? null : sign * Math.abs(takeMm),
          why: "One side only; keep the pieces as left and right from now on.",
        }),
      ],
    };
  },
};

/** What is changed on one side, by where it is seen: a girth at its side seam, an edge by a wedge, a cup in its volume. */
function actOn(facts: FindingFacts): Pick<Remedy, "on" | "pieces" | "line" | "blend"> & Partial<Pick<Remedy, "seams">> {
  const { spot, hasBand, side } = facts;
  if (isOverCups(facts) || CUP_SPOTS.includes(spot) || spot === "bustPoint")
    return {
      on: "cup",
      pieces: "cup",
      line: CUP_SEAMS[spot] ?? "cup seams",
      blend: "to nothing at both ends of the seam",
    };
  if (GIRTHS.includes(spot)) return girthThrough(facts);
  if (spot === "strap") return { on: "elastic", pieces: "strap", line: `${side} strap`, blend: "" };
  if (spot === "seat")
    return {
      on: "edge",
      pieces: "back",
      line: "leg edge of the back, over the seat",
      blend: "to nothing at side seam and crotch",
    };
  if (spot === "underarm")
    return {
      on: "line",
      pieces: "front, back",
      line: "armhole, where it meets the side seam",
      blend: "the armhole is trued into it",
    };
  return {
    on: "edge",
    pieces: piecesAt(spot, hasBand),
    line: "a wedge in the middle of the edge",
    blend: "to nothing at the next seam",
  };
}
