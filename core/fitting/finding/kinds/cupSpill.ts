import type { SpotId } from "../spot.ts";
import { type FindingKind, remedy } from "./findingKind.ts";

/** Where on the cup it is seen, with the seam that changes its volume there. */
export const CUP_SEAMS: Readonly<Partial<Record<SpotId, string>>> = {
  cupTop: "upper cup seam and top edge",
  cupSide: "cross seam, toward the side",
  cupCentre: "lower cup seam, toward the centre",
};

/** Spots of a cup. */
export const CUP_SPOTS: readonly SpotId[] = ["cupTop", "cupSide", "cupCentre", "sideOfBust"];

/** Tissue over the edge of a cup. */
export const cupSpill: FindingKind = {
  id: "cup_spill",
  name: "Cup spills over",
  sees: "Tissue comes over the top or side, or the centre floats off the breastbone.",
  spots: CUP_SPOTS,
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
      ...(spot === "cupCentre"
        ? [
            remedy({
              id: "bridge",
              on: "cup",
              name: "Widen the bridge, or take a larger cup",
              pieces: "bridge, cup",
              line: "bridge",
              amountMm: takeMm,
              why: "A centre that floats: the bridge is too narrow for these breasts, or the cup too small.",
            }),
          ]
        : []),
    ],
  }),
};
