import type { MeasureCode } from "../../../body/index.ts";
import { ok, type Result } from "../../../result.ts";
import type { BodySide, PieceEdge } from "../../piece/index.ts";
import { type BreastMeasures, breastOf, CUP_SEAMS, type CupSeams, FINE_NET } from "../../surface/index.ts";
import type { Given } from "../facts.ts";
import type { Need } from "../recipe.ts";
import { type CupMade, type CupOfBreast, cupOfBreast } from "./cupSide.ts";

/** What of the body cups are drawn from, side by side. */
export const BREAST_NEEDS: readonly Need<MeasureCode>[] = [
  { id: "root_width", needed: true, apart: true, why: "how wide the cup stands" },
  { id: "root_height", needed: true, apart: true, why: "how high the cup stands" },
  { id: "wire_line", needed: false, apart: true, why: "how far its lower half goes down" },
  { id: "projection", needed: true, apart: true, why: "how far the apex stands before the chest" },
  { id: "lower_cup", needed: true, apart: true, why: "the arc below the apex" },
  { id: "upper_cup", needed: true, apart: true, why: "the arc above it" },
  { id: "cross_cup", needed: true, apart: true, why: "the arc across it" },
];

/** What of a side a breast is drawn from. */
const measuresOf = (given: Given, side: BodySide): BreastMeasures => {
  const mm = (code: MeasureCode) => given.onSide(code, side) ?? Number.NaN;
  return {
    rootWidthMm: mm("root_width"),
    rootHeightMm: mm("root_height"),
    wireLineMm: given.onSide("wire_line", side),
    projectionMm: mm("projection"),
    lowerCupMm: mm("lower_cup"),
    upperCupMm: mm("upper_cup"),
    crossCupMm: mm("cross_cup"),
  };
};

/** The cups of facts by their options: one where the sides are measured alike or the smaller is padded, else left and right. */
export function cupsOf(given: Given, made: CupMade): Result<readonly CupOfBreast[]> {
  const sides = sidesFor(given);
  if (!sides.ok) return sides;
  const cups: CupOfBreast[] = [];
  for (const [side, measures] of sides.value) {
    const drawn = cupOfBreast(side, measures, made);
    if (!drawn.ok) return drawn;
    cups.push(drawn.value);
  }
  return ok(cups);
}

/** The cups that are drawn: one for both where the sides are measured alike, or where the smaller is padded up to the one that holds more. */
function sidesFor(given: Given): Result<readonly (readonly [BodySide | null, BreastMeasures])[]> {
  const [left, right] = [measuresOf(given, "left"), measuresOf(given, "right")];
  if (Object.entries(left).every(([name, mm]) => right[name as keyof BreastMeasures] === mm)) return ok([[null, left]]);
  if (given.choice("sides") === "own")
    return ok([
      ["left", left],
      ["right", right],
    ]);
  const [first, second] = [breastOf(left), breastOf(right)];
  if (!first.ok) return first;
  if (!second.ok) return second;
  return ok([[null, first.value.volumeCm3 >= second.value.volumeCm3 ? left : right]]);
}

/** The top edge by how it is finished. */
const topOf = (finish: string, seamMm: number): Pick<PieceEdge, "finish" | "allowanceMm"> => {
  if (finish === "foldOver") return { finish: "elastic", allowanceMm: 0 };
  return finish === "lace" ? { finish: "raw", allowanceMm: 0 } : { finish: "hem", allowanceMm: seamMm };
};

/** How the options have cups made: on their own, or in a garment whose straps meet them and which parts its sides itself. */
export const cupMade = (given: Given, within: "itself" | "garment" = "itself"): CupMade => ({
  ...(within === "itself"
    ? { strapMm: null, apart: "pieces" }
    : { strapMm: given.number("strap_shift"), apart: "halves" }),
  net: FINE_NET,
  seams: seamsOf(given),
  crossMm: given.number("cross_shift"),
  uprightMm: given.number("upright_shift"),
  strain: given.number("cup_strain"),
  seamMm: given.number("seam_allowance"),
  top: topOf(given.choice("top_finish"), given.number("seam_allowance")),
});

function seamsOf(given: Given): CupSeams {
  const seams = CUP_SEAMS.find((one) => one === given.choice("seams"));
  if (!seams) throw new RangeError("The seams of a cup are among those that were looked through before.");
  return seams;
}
