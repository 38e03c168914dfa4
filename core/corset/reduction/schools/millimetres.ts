import { usualReductionMm } from "../experience.ts";
import type { ReductionSchool } from "./reductionSchool.ts";

/** So many millimetres off the waist. */
export const millimetres: ReductionSchool = {
  id: "mm",
  name: "Millimetres off the waist",
  summary: "The waist is closed by a length.",
  amount: { name: "Off the waist", unit: "length", least: 0, most: 300 },
  reduces: true,
  usual: ({ bodyMm, experience }) => usualReductionMm(bodyMm, experience),
  formula: "C = B − r",
  waistMm: (bodyMm, amount) => bodyMm - amount,
  adds: {},
  loosestMm: 0,
};
