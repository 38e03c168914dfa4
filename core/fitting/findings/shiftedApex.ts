import { type FindingKind, remedy } from "./findingKind.ts";

/** The point of a cup or dart lies off the apex. */
export const shiftedApex: FindingKind = {
  id: "shifted_apex",
  name: "Point off the apex",
  sees: "The fullest part of cup or dart lies beside the bust point.",
  spots: ["bustPoint", "cupTop", "cupSide", "cupCentre"],
  amount: {
    name: "How far",
    howToRead: "From the point of cup or dart to the bust point, in the direction below.",
    needed: true,
    canBeFolded: false,
  },
  fields: [
    {
      id: "toward",
      label: "The bust point lies",
      type: "choice",
      choices: [
        { value: "up", label: "higher" },
        { value: "down", label: "lower" },
        { value: "centre", label: "nearer the centre" },
        { value: "side", label: "nearer the side" },
      ],
      needed: true,
    },
    {
      id: "across",
      label: "Across the other way",
      type: "amount",
      hint: "Where it is off both ways: the second amount.",
      needed: false,
    },
  ],
  effect: "move",
  strain: "round",
  answer: ({ takeMm, detail }) => ({
    remedies: [
      remedy({
        id: "move-point",
        on: "point",
        name: `Move the point ${TOWARD[String(detail.toward)] ?? "to the apex"}`,
        pieces: "cup or front",
        line: "dart point, or the fullest place of the cup seams",
        blend: "true the legs of the dart, or the cup seams, to the new point",
        amountMm: takeMm,
        why: `The point goes where the bust point is, and the fullest part with it.${
          typeof detail.across === "number" ? " It is off both ways: move it by the second amount too." : ""
        }`,
      }),
    ],
  }),
};

const TOWARD: Readonly<Record<string, string>> = {
  up: "up",
  down: "down",
  centre: "toward the centre",
  side: "toward the side",
};
