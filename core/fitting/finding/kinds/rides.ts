import { type FindingAnswer, type FindingFacts, type FindingKind, remedy } from "./findingKind.ts";
import { LEGS } from "./spotGroups.ts";
import { takeIn } from "./takeIn.ts";

/** An edge that travels up or down when the wearer moves. */
export const rides: FindingKind = {
  id: "rides",
  name: "Rides",
  sees: "An edge travels up or down as the wearer moves.",
  spots: ["underbust", "waist", "highHip", "topEdge", ...LEGS, "arm"],
  amount: {
    name: "Travel or overlap",
    howToRead: "After walking, sitting and bending: how far the edge has left its place, or how much a band laps over.",
    needed: true,
    canBeFolded: false,
  },
  fields: [
    {
      id: "way",
      label: "It rides",
      type: "choice",
      choices: [
        { value: "up", label: "up" },
        { value: "down", label: "down" },
      ],
      needed: false,
    },
  ],
  effect: "removal",
  strain: "round",
  answer,
};

function answer(facts: FindingFacts): FindingAnswer {
  const { spot, takeMm } = facts;
  if (spot === "legFront") {
    return {
      remedies: [
        remedy({
          id: "front-leg-elastic",
          on: "elastic",
          name: "Shorten the front leg elastic",
          pieces: "front",
          line: "elastic of the front leg edge",
          amountMm: takeMm,
          why: "Shorten the front of the leg edge by this much, through its elastic: the leg line stays as drawn.",
        }),
      ],
    };
  }
  if (spot === "leg" || spot === "legBack") {
    return {
      remedies: [
        remedy({
          id: "back-leg-elastic",
          on: "elastic",
          name: "Shorten the back leg elastic",
          pieces: "back",
          line: "elastic of the back leg edge",
          amountMm: takeMm,
          why: "Shorten the back of the leg edge by this much, through its elastic: the leg line stays as drawn.",
        }),
        remedy({
          id: "more-seat",
          on: "edge",
          name: "Give the seat more room",
          pieces: "back",
          line: "leg edge of the back, over the seat",
          blend: "to nothing at side seam and crotch",
          amountMm: takeMm === null ? null : -takeMm,
          why: "If the edge is pulled up because the seat lacks cloth, give it some there.",
        }),
      ],
    };
  }
  return { remedies: [takeIn(facts, "Take this much girth out, so that the edge holds its place.")] };
}
