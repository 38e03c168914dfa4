import { type Reckoned, reckoned } from "../calculation/index.ts";
import { term } from "../explain/index.ts";

/** Cloth is bought in steps of this, mm: 10 cm, or an eighth of a yard. */
export const [STEP_CM_MM, STEP_YARD_MM] = [100, 914.4 / 8] as const;

/** What the length to buy follows from. mm */
export interface Bought {
  /** How far along the table the pieces reach. */
  readonly reachMm: number;
  /** What the pieces cover, as a length of the table. */
  readonly coveredMm: number;
  /** 2 where two full widths lie on one another. */
  readonly lengths: 1 | 2;
  readonly shrinkAlong: number;
  /** One repeat more: nobody knows where in it the roll is cut. */
  readonly repeatMm: number | null;
  readonly clothName: string;
}

const setting = term("setting", "length");
const garment = term("garment", "length");

/** The length to buy and what of it is used, each with its way. */
export function boughtNumbers({ reachMm, coveredMm, lengths, shrinkAlong, repeatMm, clothName }: Bought): Reckoned[] {
  const wantedMm = (lengths * reachMm + (repeatMm ?? 0)) / (1 - shrinkAlong);
  const terms = [
    garment("L", "how far along the table the pieces reach", reachMm, "layout"),
    term("setting", "count")("n", "lengths on one another", lengths, lengths === 2 ? "face to face" : "one"),
    setting("R", "one repeat of the motif more", repeatMm ?? 0, repeatMm === null ? "no motif" : "typed here"),
    term("cloth", "percent")("s", "lost in the wash along the roll", shrinkAlong, clothName || "not washed"),
  ];
  const rounded = (id: string, name: string, stepMm: number, words: string) =>
    reckoned(id, name, {
      formula: "buy = ceil((n · L + R) / (1 − s) / step) · step",
      terms: [...terms, setting("step", `sold in steps of ${words}`, stepMm, "usual")],
      result: { value: Math.ceil(wantedMm / stepMm - 1e-9) * stepMm, unit: "length" },
    });
  return [
    rounded("buy", "Length to buy", STEP_CM_MM, "10 cm"),
    rounded("buyYard", "Length to buy, in eighths of a yard", STEP_YARD_MM, "1/8 yd"),
    reckoned("reach", "Length on the table", {
      formula: "L as laid",
      terms: [],
      result: { value: reachMm, unit: "length" },
    }),
    reckoned("used", "Cloth used", {
      formula: "share = A / L",
      terms: [
        garment("A", "what the cut pieces cover, as a length of the width that can be used", coveredMm, "cut lines"),
        garment("L", "how far along the table the pieces reach", reachMm, "layout"),
      ],
      result: { value: coveredMm / reachMm, unit: "percent" },
      notes: ["Selvedges are not counted."],
    }),
  ];
}
