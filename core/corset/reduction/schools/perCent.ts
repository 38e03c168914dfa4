import { usualReductionMm } from "../experience.ts";
import type { ReductionSchool } from "./reductionSchool.ts";

/** A part of the waist. */
export const perCentOff: ReductionSchool = {
  id: "percent",
  name: "Per cent of the waist",
  summary: "The waist is closed by a part of itself: a small waist gives less.",
  amount: { name: "Off the waist", unit: "percent", least: 0, most: 0.4 },
  reduces: true,
  usual: ({ bodyMm, experience }) => usualReductionMm(bodyMm, experience) / bodyMm,
  formula: "C = B · (1 − r)",
  waistMm: (bodyMm, amount) => bodyMm * (1 - amount),
  adds: {},
  loosestMm: 0,
};
