import { isSpotId, spotOf } from "../spots.ts";
import { type FindingAnswer, type FindingFacts, type FindingKind, remedy } from "./findingKind.ts";

/** Folds that point at a place. */
export const drag: FindingKind = {
  id: "drag",
  name: "Drags",
  sees: "Folds run across, along or slanting, and point somewhere.",
  spots: [
    "overbust",
    "bust",
    "underbust",
    "waist",
    "highHip",
    "hip",
    "leg",
    "arm",
    "neckline",
    "armhole",
    "backEdge",
    "seat",
    "crotch",
    "sideSeam",
    "cupTop",
    "cupSide",
    "cupCentre",
    "cupLower",
    "wing",
  ],
  amount: null,
  fields: [
    {
      id: "direction",
      label: "The folds run",
      type: "choice",
      choices: [
        { value: "across", label: "across" },
        { value: "along", label: "along" },
        { value: "slanting", label: "slanting" },
      ],
      needed: true,
    },
    { id: "pointsAt", label: "They point at", type: "spot", needed: false },
  ],
  effect: "note",
  strain: "round",
  answer,
};

function answer({ detail }: FindingFacts): FindingAnswer {
  if (detail.direction === "across") {
    return {
      remedies: [
        work(
          "across",
          "Read how tight it is there",
          "Folds across: it is tight there. Put “tight” there with its gap.",
        ),
      ],
    };
  }
  if (detail.direction === "along") {
    return {
      remedies: [
        work(
          "along",
          "Read how loose it is there",
          "Folds along: it is loose there. Put “loose” there with its pinch.",
        ),
      ],
    };
  }
  const at = String(detail.pointsAt ?? "");
  if (!isSpotId(at)) {
    return { remedies: [], asks: ["Slanting folds point at the place that lacks room: say where they point."] };
  }
  const name = spotOf(at).name.toLowerCase();
  return {
    remedies: [
      work(
        "slanting",
        `Give room at the ${name}`,
        `Slanting folds point at the place that lacks room: look at the ${name} first, and read there what is missing.`,
      ),
    ],
  };
}

const work = (id: string, name: string, why: string) => remedy({ id, on: "making", name, why });
