import type { FindingKind } from "./findingKind.ts";

/** An edge that travels up or down when the wearer moves. */
export const rides: FindingKind = {
  id: "rides",
  name: "Rides",
  sees: "An edge travels up or down as the wearer moves.",
  amountName: "Travel or overlap",
  howToRead: "After walking, sitting and bending: how far the edge has left its place.",
  effect: "removal",
  canBeFolded: false,
  zones: ["underbust", "waist", "highHip", "leg", "arm"],
  proposalText: (zone) =>
    zone === "leg"
      ? "Shorten the back of the leg edge by this much, through its elastic."
      : "Take this much girth out, so that the edge holds its place.",
  alternatives: (zone) => (zone === "leg" ? ["Or give the seat more room, if the edge is being pulled up."] : []),
};
