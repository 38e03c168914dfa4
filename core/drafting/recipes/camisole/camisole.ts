import { term } from "../../../explain/index.ts";
import { ok, type Result } from "../../../result.ts";
import type { Draft } from "../../draft.ts";
import { APEX_LENGTHS, APEX_MEASURES, markedApex } from "../apex.ts";
import type { Half } from "../drawn.ts";
import { lengthNumber } from "../drawn.ts";
import type { Given } from "../facts.ts";
import { oneLine } from "../oneLine.ts";
import type { Recipe } from "../recipe.ts";
import { arcNeeds, sharesNote } from "../shares.ts";
import { strapFromCentre } from "../strapFromCentre.ts";
import { widthNumbers } from "../widths.ts";
import { topHalf } from "./half.ts";
import { sideLevels, topLevels } from "./levels.ts";
import { CAMISOLE_OPTIONS } from "./options.ts";

/** Camisole: front and back on the fold, straps of their own. */
export const camisole: Recipe = {
  id: "camisole",
  name: "Camisole",
  summary: "Front and back on the fold, shaped at the side through bust, waist and hip; straps of their own.",
  measures: [...arcNeeds("bust", "waist", "hip"), ...APEX_MEASURES],
  girths: [
    { id: "bust", needed: true, why: "the width at the underarm, and where the straps sit" },
    { id: "waist", needed: true, why: "the width at the waist" },
    { id: "hip", needed: true, why: "the width at the hip" },
  ],
  lengths: [
    { id: "back_waist", needed: true, why: "half of it is the underarm level" },
    { id: "waist_to_hip", needed: true, why: "the height of the hip at the side" },
    { id: "waist_to_high_hip", needed: false, why: "how far below the waist it ends, where the style ends it there" },
    ...APEX_LENGTHS,
  ],
  options: CAMISOLE_OPTIONS,
  draw,
};

function draw(given: Given): Result<Draft> {
  const levels = topLevels(given);
  if (!levels.ok) return levels;
  const { bust, waist, hip, toWaistMm } = levels.value;
  const below = given.number("below_waist");
  const apex = markedApex(given, toWaistMm);
  const straps = strapFromCentre(bust.girthMm);
  const half = (which: Half) =>
    topHalf({
      half: which,
      levels: sideLevels(levels.value, which, below),
      sideMm: toWaistMm + below,
      centreMm: null,
      strapAtMm: straps.mm,
      strapMm: given.number("strap_width"),
      riseMm: given.number(`${which}_rise`),
      dipMm: given.number(which === "front" ? "neck_dip" : "back_dip"),
      seamMm: given.number("seam_allowance"),
      upperMm: given.choice("made_as") === "test" ? 0 : given.number("edge_allowance"),
      hemMm: given.number("hem"),
      ...(which === "front" ? { points: apex.points } : {}),
    });
  const [front, back] = [half("front"), half("back")];
  if (!front.ok) return front;
  if (!back.ok) return back;
  const pieces = [front.value, back.value];
  const all = [bust, waist, hip];
  return ok({
    recipe: camisole.id,
    pieces,
    round: ["front", "back"],
    levels: all.map(({ zone, girthMm }) => ({ level: zone, plannedMm: girthMm })),
    loops: [],
    numbers: [
      ...widthNumbers(all),
      straps.number,
      ...apex.numbers,
      lengthNumber("side.underarmToWaist", "Underarm level to waist", {
        formula: "h = b / 2",
        terms: [
          term("garment", "length")("b", "back waist length as cut", given.cut("back_waist"), "length of the plan"),
        ],
        value: toWaistMm,
      }),
    ],
    oneLines: [
      oneLine(["front", "armhole", "end"], ["back", "armhole", "end"]),
      oneLine(["front", "hem", "start"], ["back", "hem", "start"]),
    ],
    elastics: [],
    limits: [],
    rollMm: given.number("roll_width"),
    notes: [
      ...given.notes,
      ...apex.notes,
      ...sharesNote(all.map(({ front: share }) => share)),
      "Straps are cut by the strip recipe, their length set on the body.",
    ],
  });
}
