import { type FindingKind, remedy } from "./findingKind.ts";

const REMEDIES = {
  wavy: {
    name: "Shorten the elastic, or sew it with a looser stitch",
    why: "The edge waves: the elastic is too long for it, or the stitch too dense and stretched while it was sewn.",
  },
  curls: {
    name: "Lengthen the elastic at that edge",
    why: "The edge curls: the elastic is too short for it and rolls the edge over.",
  },
} as const;

/** An elastic edge that waves or curls. */
export const edgeWave: FindingKind = {
  id: "edge_wave",
  name: "Edge waves or curls",
  sees: "An elastic edge flutes, waves or rolls over.",
  spots: ["neckline", "armhole", "backEdge", "leg", "waist", "highHip", "underbust", "overbust", "arm"],
  amount: null,
  fields: [
    {
      id: "how",
      label: "The edge",
      type: "choice",
      choices: [
        { value: "wavy", label: "waves" },
        { value: "curls", label: "curls" },
      ],
      needed: true,
    },
  ],
  effect: "note",
  strain: "free",
  answer: ({ detail }) => {
    const { name, why } = detail.how === "curls" ? REMEDIES.curls : REMEDIES.wavy;
    return {
      remedies: [remedy({ id: "elastic", on: "elastic", name, pieces: "edge elastic", line: "that edge", why })],
      asks: ["Give the amount when you decide: how much shorter or longer the elastic is cut."],
    };
  },
};
