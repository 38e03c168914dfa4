import type { ReductionSchool } from "./reductionSchool.ts";

/** A bodice that holds and does not make smaller: ease at the waist, room for the breath at the underbust. */
export const easeSchool: ReductionSchool = {
  id: "ease",
  name: "Ease",
  summary: "It holds without making smaller: room at the waist, and a breath at the underbust.",
  amount: { name: "Ease at the waist", unit: "length", least: 0, most: 15 },
  reduces: false,
  usual: () => 10,
  formula: "C = B + r",
  waistMm: (bodyMm, amount) => bodyMm + amount,
  adds: { underbust: 25 },
  loosestMm: 15,
};
