import { type FindingKind, remedy } from "./findingKind.ts";
import { CUP_SEAMS, CUP_SPOTS } from "./spotGroups.ts";

/** Tissue over the edge of a cup. */
export const cupSpill: FindingKind = {
  id: "cup_spill",
  name: "Cup spills over",
  sees: "Tissue comes over the top or side, or the centre floats off the breastbone.",
  spots: [...CUP_SPOTS, "gore"],
  amount: {
    name: "Overlap",
    howToRead: "How far the edge would have to go to lie flat, over the fullest place.",
    needed: true,
    canBeFolded: false,
  },
  fields: [],
  effect: "addition",
  strain: "round",
  answer: ({ spot, takeMm }) => ({
    remedies: [
      ...(spot === "gore" ? [bridge(takeMm)] : []),
      remedy({
        id: "more-volume",
        on: "cup",
        name: "Give the cup volume",
        pieces: "cup",
        line: CUP_SEAMS[spot] ?? "cup seams",
        blend: "to nothing at both ends of the seam; the edge on the cradle keeps its length",
        amountMm: takeMm,
        why: "Volume goes in through the seam next to where it spills.",
      }),
      ...(spot === "cupCentre" ? [bridge(takeMm)] : []),
    ],
  }),
};

const bridge = (takeMm: number | null) =>
  remedy({
    id: "bridge",
    on: "wire",
    name: "Widen the bridge",
    pieces: "bridge",
    line: "bridge, half on either side of the centre; the wings give it",
    amountMm: takeMm,
    why: "A centre that floats: the bridge is too narrow for these breasts. Where the cup is full too, give it volume instead.",
  });
