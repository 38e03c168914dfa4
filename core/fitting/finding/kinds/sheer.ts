import { type FindingKind, remedy } from "./findingKind.ts";
import { GIRTHS } from "./spotGroups.ts";
import { toSchool } from "./toSchool.ts";

/** Cloth that shows what it should not when it is stretched. */
export const sheer: FindingKind = {
  id: "sheer",
  name: "Sheer",
  sees: "Skin or ground shows through where the cloth is stretched.",
  spots: [...GIRTHS, "seat", "cupTop"],
  amount: null,
  fields: [],
  effect: "addition",
  strain: "round",
  answer: (facts) => ({
    remedies: [
      ...toSchool(
        facts,
        "It was sewn smaller than planned: the strain is too high for this cloth, back to the plan first.",
      ),
      remedy({
        id: "line-it",
        on: "making",
        name: "Line it there",
        pieces: "lining",
        line: "that piece",
        why: "A lining of the same stretch hides it; it adds tension, so look at the plan again with both layers.",
      }),
    ],
    asks:
      facts.shareUsed === null
        ? []
        : ["The strain is too high for this cloth: choose a lower share for the zone in the ease plan, or line it."],
    cautions: ["Swimwear: test it wet; dark thin cloth turns sheer when wet and stretched."],
  }),
};
