import type { WaitKind } from "./wait.ts";

export type { WaitKind } from "./wait.ts";

/** Every wait; adding one is adding a line. */
export const WAIT_KINDS = [
  {
    ...{ id: "unrolled", name: "Stretch cloth lies unrolled", hours: 24, blocks: ["cut"] },
    why: "On the roll it is stretched; it goes back first.",
  },
  {
    ...{ id: "washedSquare", name: "Washed square dries", hours: 24, blocks: ["cut"] },
    why: "Its shrinkage is read dry.",
  },
  {
    ...{ id: "testAfterWash", name: "Swatch rests after its wash", hours: 24, blocks: [] },
    why: "A test after washing is read on cloth at rest.",
  },
  {
    ...{
      id: "elasticRested",
      name: "Elastic rests off its card",
      hours: 24,
      blocks: ["legElastics", "waistElastic", "bandElastics"],
    },
    why: "Wound, it is stretched; measured so, it comes out short.",
  },
  {
    ...{ id: "biasHung", name: "Bias hangs", hours: 24, blocks: ["hem"] },
    why: "It drops unevenly before its hem is levelled.",
  },
  {
    ...{ id: "worn", name: "Worn for half an hour", hours: 0.5, blocks: [] },
    why: "Cloth and body settle before a fitting is judged.",
  },
  {
    ...{ id: "shortWear", name: "First short wears of a corset", hours: 72, blocks: [] },
    why: "Two hours a day, loosely laced, before it is laced to its gap.",
  },
  {
    ...{ id: "testedWet", name: "Swimsuit dries after it was tested wet", hours: 12, blocks: [] },
    why: "Wet it is longer; it is measured again dry.",
  },
] as const satisfies readonly WaitKind[];

/** One of {@link WAIT_KINDS}. */
export type WaitId = (typeof WAIT_KINDS)[number]["id"];

/** A kind of wait by its name. */
export const waitOf = (id: WaitId): WaitKind => WAIT_KINDS.find((one) => one.id === id) as WaitKind;
