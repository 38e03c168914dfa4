import type { Calculation } from "../calculation/index.ts";
import type { DrawnJob } from "../pieces/index.ts";
import { type MaterialsFacts, materialsFactsOf } from "./materialsFacts.ts";
import { type MaterialsReckoning, reckonMaterials } from "./reckonMaterials.ts";
import { type MaterialsWorking, MOST_NOTIONS, NEW_MATERIALS } from "./working.ts";

/** Everything a garment is made of, against the shelf. */
export const materialsCalculation: Calculation<MaterialsWorking, MaterialsFacts, MaterialsReckoning, DrawnJob> = {
  step: "materials",
  fresh: NEW_MATERIALS,
  fields: {
    notions: {
      as: "rows",
      label: "Notions of one garment",
      row: "notion",
      rowBy: ["name", "count"],
      most: MOST_NOTIONS,
      cells: {
        name: { as: "text", label: "What", needed: true, most: 80, wide: true },
        count: { as: "number", label: "How many", least: 0.1, most: 500 },
      },
    },
    made: {
      as: "number",
      label: "Garments made, prototypes counted",
      least: 1,
      most: 100,
      whole: true,
      hint: "Empty: one.",
    },
  },
  appears: () => true,
  facts: materialsFactsOf,
  reckon: reckonMaterials,
};
