import { type FindingKind, remedy } from "./findingKind.ts";
import { CUP_SEAMS, CUP_SPOTS } from "./spotGroups.ts";

/** A cup that is not filled. */
export const cupEmpty: FindingKind = {
  id: "cup_empty",
  name: "Cup empty",
  sees: "Wrinkles or a hollow: the cup is larger there than the breast.",
  spots: CUP_SPOTS,
  amount: {
    name: "Wrinkle",
    howToRead: "Pinch the wrinkle flat and measure all of the cloth in it.",
    needed: true,
    canBeFolded: true,
  },
  fields: [],
  effect: "removal",
  strain: "round",
  answer: ({ spot, takeMm }) => ({
    remedies: [
      remedy({
        id: "less-volume",
        on: "cup",
        name: "Take volume out of the cup",
        pieces: "cup",
        line: CUP_SEAMS[spot] ?? "cup seams",
        blend: "to nothing at both ends of the seam; the edge on the cradle keeps its length",
        amountMm: takeMm,
        why: "Only a share at first: a cup that is cut too small is lost. Each side by its own.",
      }),
    ],
  }),
};
