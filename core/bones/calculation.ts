import { Type } from "typebox";
import { type Calculation, choice, small } from "../calculation/index.ts";
import { CORSET_LEVEL_NAMES, CORSET_LEVELS } from "../corset/index.ts";
import { isBoned } from "../ease/index.ts";
import type { DrawnJob } from "../pieces/index.ts";
import { type BonesFacts, bonesFactsOf } from "./bonesFacts.ts";
import { TAPE_TURN_MM } from "./explainBones.ts";
import { LEAST_PITCH_MM, USUAL_PITCH_MM } from "./eyelets.ts";
import { BONE_KINDS } from "./placeBones.ts";
import { type BonesReckoning, reckonBones } from "./reckonBones.ts";
import { type BonesWorking, NEW_BONES } from "./working.ts";

/** So many bones are placed by hand at most, and so many levels marked. */
const [MOST_OWN, MOST_MARKED] = [40, 12] as const;

/** Bones, eyelets, lace, busk or zip of a boned garment. */
export const bonesCalculation: Calculation<BonesWorking, BonesFacts, BonesReckoning, DrawnJob> = {
  step: "bones",
  fresh: NEW_BONES,
  fields: {
    stock: choice("Bones are sold by", [
      ["mm", "5 mm"],
      ["inch", "half an inch"],
    ]),
    curved: choice("Where a seam curves", [
      ["spiral", BONE_KINDS.spiral],
      ["plastic", BONE_KINDS.plastic],
    ]),
    turnedMm: small("Taken by the binding", 30, "Of the channel, at both ends together.", true),
    pitchMm: {
      as: "between",
      label: "Eyelets apart",
      leastMm: LEAST_PITCH_MM,
      mostMm: 60,
      hint: `Empty: ${USUAL_PITCH_MM} mm.`,
    },
    rows: {
      as: "number",
      label: "Rows of eyelets",
      least: 2,
      most: 80,
      whole: true,
      hint: "Empty: by how far they lie apart.",
    },
    loops: { as: "check", label: "Loops in place of eyelets" },
    tapeTurnMm: small("Waist tape, turned in", 60, `At either end. Empty: ${TAPE_TURN_MM} mm.`, true),
    own: {
      as: "rows",
      label: "Bones placed by hand",
      row: "bone",
      rowBy: ["panel"],
      most: MOST_OWN,
      cells: {
        panel: { as: "number", label: "Panel", least: 1, most: 8 },
        across: { as: "number", label: "Across", least: 0, most: 100, suffix: "%" },
        kind: {
          as: "choice",
          label: "Kind",
          choices: Object.entries(BONE_KINDS).map(([value, label]) => ({ value, label })),
        },
      },
    },
    marked: {
      as: "rows",
      label: "Closing line as marked",
      row: "mark",
      rowBy: ["leftMm", "rightMm"],
      most: MOST_MARKED,
      cells: {
        level: {
          as: "choice",
          label: "Level",
          choices: CORSET_LEVELS.map((value) => ({ value, label: CORSET_LEVEL_NAMES[value].toLowerCase() })),
        },
        leftMm: { as: "length", label: "Left of the centre", mostMm: 1000 },
        rightMm: { as: "length", label: "Right of it", mostMm: 1000 },
      },
    },
  },
  unfielded: { without: Type.Array(Type.String({ maxLength: 40 }), { maxItems: 60 }) },
  appears: isBoned,
  facts: bonesFactsOf,
  reckon: reckonBones,
};
