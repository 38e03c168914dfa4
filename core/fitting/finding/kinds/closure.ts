import { type FindingKind, remedy } from "./findingKind.ts";
import { girthThrough } from "./takeIn.ts";

/** A closure that is hard to close, or does not close. */
export const closure: FindingKind = {
  id: "closure",
  name: "Closure under strain",
  sees: "Hard to close, hooks or zip pulled, or not enough to close at all.",
  spots: ["closure", "underbust", "waist", "lacing"],
  amount: {
    name: "Short by",
    howToRead: "Close it as far as it goes without force and read the gap.",
    needed: true,
    canBeFolded: false,
  },
  fields: [
    {
      id: "kind",
      label: "Closed by",
      type: "choice",
      choices: [
        { value: "hooks", label: "hooks" },
        { value: "zip", label: "a zip" },
        { value: "ties", label: "ties or lacing" },
      ],
      needed: false,
    },
  ],
  effect: "addition",
  strain: "round",
  answer: ({ hasBand, takeMm, seams, detail }) => ({
    remedies: [
      remedy({
        ...girthThrough({ hasBand, seams }),
        id: "add-girth",
        name: "Add girth",
        blend: "over the height of the closure",
        amountMm: takeMm,
        why: "It does not close at ease: give it the girth it lacks.",
      }),
      remedy({
        id: "stabilise",
        on: "making",
        name: "Stabilise the opening, or take a wider tape",
        line: "edges of the opening",
        why: "If only the edges give way: a stay tape or a wider hook tape carries the pull.",
      }),
    ],
    cautions:
      detail.kind === "zip" ? ["Never force an invisible zip: once it has split it is replaced, not mended."] : [],
  }),
};
