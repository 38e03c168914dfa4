import { term } from "../../../explain/index.ts";
import { ok, type Result } from "../../../result.ts";
import type { Draft } from "../../draft.ts";
import { topHalf } from "../camisole/half.ts";
import { lengthNumber } from "../drawn.ts";
import type { Given } from "../facts.ts";
import { oneLine } from "../oneLine.ts";
import type { Recipe } from "../recipe.ts";
import { arcNeeds, sharesNote } from "../shares.ts";
import { strapFromCentre } from "../strapFromCentre.ts";
import { widthNumbers } from "../widths.ts";
import { backFacing } from "./backFacing.ts";
import { cowlFront } from "./front.ts";
import { biasGrain } from "./grain.ts";
import { type SlipLevels, slipLevels, slipSide } from "./levels.ts";
import { BIAS_SLIP_OPTIONS } from "./options.ts";

/** Slip on the bias with a cowl in front, which is its own facing; a facing for the back; straps over the shoulder. */
export const biasSlip: Recipe = {
  id: "biasSlip",
  name: "Bias slip with a cowl",
  summary:
    "Front with a cowl that faces itself, back with a facing, both on the bias; straps from front over the shoulder to the back edge.",
  measures: [
    ...arcNeeds("bust", "waist", "hip"),
    { id: "shoulder_girth", needed: false, why: "what the waist must pass where it is pulled on over the head" },
  ],
  girths: [
    { id: "bust", needed: true, why: "the width at the underarm, and where the straps sit" },
    { id: "waist", needed: true, why: "the width at the waist, where the cowl ends" },
    { id: "hip", needed: true, why: "the width at the hip" },
  ],
  lengths: [
    {
      id: "front_waist",
      needed: true,
      why: "from the shoulder to the waist: the height of the bust, and the front of the strap",
    },
    { id: "back_waist", needed: true, why: "from the nape to the waist: the back of the strap" },
    { id: "shoulder_to_apex", needed: true, why: "from the shoulder to the bust" },
    { id: "waist_to_hip", needed: true, why: "the height of the hip at the side" },
    { id: "skirt_side", needed: true, why: "from the waist to the hem at the side" },
    { id: "skirt_front", needed: false, why: "from the waist to the hem at the centre of the front" },
    { id: "skirt_back", needed: false, why: "and of the back" },
  ],
  options: BIAS_SLIP_OPTIONS,
  draw,
};

function draw(given: Given): Result<Draft> {
  const levels = slipLevels(given);
  if (!levels.ok) return levels;
  const { bust, waist, hip, toWaistMm, toHipMm, toHemMm } = levels.value;
  const [cowlMm, riseMm] = [given.number("cowl"), given.number("front_rise")];
  // From all of it at the top edge to nothing at the waist.
  const atBustMm = (cowlMm * toWaistMm) / (toWaistMm + riseMm);
  const straps = strapFromCentre(bust.girthMm);
  const shared = {
    sideMm: toWaistMm + toHipMm + toHemMm,
    seamMm: given.number("seam_allowance"),
    hemMm: given.number("hem"),
  };
  const flareMm = given.number("flare");
  const centreOf = (code: "skirt_front" | "skirt_back") => (given.hasCut(code) ? given.cut(code) : null);
  const front = cowlFront({
    ...shared,
    levels: slipSide(levels.value, "front", { widerMm: atBustMm, flareMm }),
    strapAtMm: straps.mm + cowlMm,
    riseMm,
    centreMm: centreOf("skirt_front"),
    facingMm: given.number("facing"),
  });
  if (!front.ok) return front;
  const back = topHalf({
    ...shared,
    half: "back",
    levels: slipSide(levels.value, "back", { widerMm: 0, flareMm }),
    strapAtMm: straps.mm,
    strapMm: given.number("strap_width"),
    riseMm: given.number("back_rise"),
    dipMm: given.number("back_dip"),
    centreMm: centreOf("skirt_back"),
    upperMm: given.number("seam_allowance"),
  });
  if (!back.ok) return back;
  const onBias = { ...back.value, grain: biasGrain(straps.mm, shared.sideMm / 2) };
  const facing = backFacing(onBias, given.number("facing"), given.number("seam_allowance"));
  const all = [bust, waist, hip];
  return ok({
    recipe: biasSlip.id,
    pieces: [front.value, onBias, ...(facing ? [facing] : [])],
    round: ["front", "back"],
    levels: all.map(({ zone, girthMm }) => ({ level: zone, plannedMm: girthMm })),
    loops: [],
    numbers: [
      ...widthNumbers(all),
      straps.number,
      cowlAtBust({ cowlMm, riseMm, toWaistMm, value: atBustMm }),
      strapLength(given, levels.value),
    ],
    oneLines: [oneLine(["front", "hem", "start"], ["back", "hem", "start"])],
    elastics: [],
    limits: [],
    rollMm: given.number("roll_width"),
    notes: [
      ...given.notes,
      ...sharesNote(all.map(({ front: share }) => share)),
      "Cut every piece opened out, in a single layer, on the bias; let the slip hang for 24 hours before the hem is cut to length.",
      "The cowl hangs at the bust: the front is no girth there.",
      ...putOn(given),
    ],
  });
}

const length = term("garment", "length");
const option = term("setting", "length");

const cowlAtBust = ({
  cowlMm,
  riseMm,
  toWaistMm,
  value,
}: Readonly<Record<"cowlMm" | "riseMm" | "toWaistMm" | "value", number>>) =>
  lengthNumber("front.cowlAtBust", "Cowl at the bust line, each side", {
    formula: "c = C · h / (h + r)",
    terms: [
      option("C", "cowl at the top edge", cowlMm, "option of the recipe"),
      length("h", "bust line above the waist", toWaistMm, "front waist less shoulder to bust, as cut"),
      option("r", "top edge above the bust line", riseMm, "option of the recipe"),
    ],
    value,
  });

/**
 * From the end of the front's top edge over the shoulder to the back edge: what front and back leave of the way. mm
 * @param rises above the bust line, where the strap sits.
 */
export const slipStrapMm = (
  [frontMm, backMm]: readonly [number, number],
  toWaistMm: number,
  rises: readonly [number, number],
): number => frontMm - toWaistMm - rises[0] + backMm - toWaistMm - rises[1];

function strapLength(given: Given, { toWaistMm }: SlipLevels) {
  const [front, back] = [given.cut("front_waist"), given.cut("back_waist")];
  const [frontRise, backRise] = [given.number("front_rise"), given.number("back_rise")];
  return lengthNumber("strap.length", "Strap, front over the shoulder to the back edge", {
    formula: "S = F − h − f + B − h − b",
    terms: [
      length("F", "front waist length as cut", front, "length of the plan"),
      length("B", "back waist length as cut", back, "length of the plan"),
      length("h", "bust line above the waist", toWaistMm, "front waist less shoulder to bust, as cut"),
      option("f", "front straps above the bust line", frontRise, "option of the recipe"),
      option("b", "back straps above the bust line", backRise, "option of the recipe"),
    ],
    value: slipStrapMm([front, back], toWaistMm, [frontRise, backRise]),
    notes: ["Set the straps on the body; a strip that is made into a strap is as long by itself."],
  });
}

/** What the waist has to give where it is pulled on: whether it does, the ease plan says by the cloth's stretch. */
function putOn(given: Given): string[] {
  const pass = Math.max(given.measure("bust") ?? 0, given.measure("shoulder_girth") ?? 0);
  const waist = given.girth("waist");
  if (pass === 0)
    return [
      "Whether it goes on without a closure: measure bust and shoulders, and look at “Getting it on” in the ease plan.",
    ];
  const needed = Math.max(0, pass / waist - 1);
  return [
    `Pulled on over the head its waist of ${waist.toFixed(0)} mm passes ${pass.toFixed(0)} mm: the bias has to give ${(100 * needed).toFixed(0)} %. “Getting it on” in the ease plan says whether it does, or needs a closure at the side.`,
  ];
}
