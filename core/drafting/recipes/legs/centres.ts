import { term } from "../../../explain/index.ts";
import type { DraftNumber } from "../../draft.ts";
import { lengthNumber } from "../drawn.ts";
import type { Given } from "../facts.ts";

/** Of front, gusset and back together, the part the gusset takes: a quarter of front and back is a fifth of all. */
const GUSSET_PART = 5;

/** Lengths down the middle from the waist down, mm. */
export interface Centres {
  /** Of the gusset, along the body. */
  readonly gussetMm: number;
  /** From the natural waist to the gusset, before any drop. */
  readonly frontMm: number;
  readonly backMm: number;
  readonly numbers: readonly DraftNumber[];
}

/**
 * The lengths down the middle: front + gusset + back are the crotch length as cut, always.
 * @param front,back crotch front and back as cut, mm.
 */
export function centresOf(given: Given, front: number, back: number): Centres {
  const [before, step] = [given.number("gusset_before"), given.number("gusset_step")];
  const gussetMm = Math.ceil((front + back) / GUSSET_PART / step) * step;
  const [frontMm, backMm] = [front - before * gussetMm, back - (1 - before) * gussetMm];
  const lengths = term("garment", "length");
  const cutFront = lengths("C₁", "crotch front as cut", front, "length of the plan");
  const cutBack = lengths("C₂", "crotch back as cut", back, "length of the plan");
  const gusset = lengths("g", "gusset length", gussetMm, "a fifth of the crotch length, rounded up");
  const part = term("setting", "ratio")(
    "p",
    "part of the gusset before the crotch point",
    before,
    "option of the recipe",
  );
  return {
    gussetMm,
    frontMm,
    backMm,
    numbers: [
      lengthNumber("gusset.length", "Gusset length", {
        formula: "g = ceil((C₁ + C₂) / 5 / d) · d",
        terms: [cutFront, cutBack, term("setting", "length")("d", "step", step, "option of the recipe")],
        value: gussetMm,
      }),
      lengthNumber("front.centre", "Centre front, waist to gusset", {
        formula: "L = C₁ − p · g",
        terms: [cutFront, part, gusset],
        value: frontMm,
        notes: ["Before the waist is lowered."],
      }),
      lengthNumber("back.centre", "Centre back, waist to gusset", {
        formula: "L = C₂ − (1 − p) · g",
        terms: [cutBack, part, gusset],
        value: backMm,
        notes: ["Before the waist is lowered."],
      }),
    ],
  };
}
