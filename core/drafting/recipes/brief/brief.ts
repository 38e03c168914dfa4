import { ok, type Result } from "../../../result.ts";
import type { Draft } from "../../draft.ts";
import type { Half } from "../drawn.ts";
import type { Given } from "../facts.ts";
import { centresOf } from "../legs/centres.ts";
import { fitLegs } from "../legs/fitLegs.ts";
import { linedBy } from "../lined.ts";
import { lowerLevels, sideLevels } from "../lowerLevels.ts";
import { oneLine } from "../oneLine.ts";
import { plannedLevels } from "../plannedLevels.ts";
import type { Recipe } from "../recipe.ts";
import { arcNeeds, sharesNote } from "../shares.ts";
import { widthNumbers } from "../widths.ts";
import { halfBlock, halfPiece } from "./half.ts";
import { BRIEF_OPTIONS } from "./options.ts";

/** Brief and bikini bottom: front and back on the fold, and a gusset of its own between them. */
export const brief: Recipe = {
  id: "brief",
  name: "Brief or bikini bottom",
  summary: "Front and back on the fold with a gusset between them; legs solved to the planned girth.",
  measures: [
    ...arcNeeds("waist", "hip"),
    { id: "leg_edge", needed: false, why: "the leg line on the body: the edge may not be longer" },
    { id: "crotch_depth", needed: false, why: "the side above the leg may not be longer" },
  ],
  girths: [
    { id: "waist", needed: true, why: "the upper end of the block" },
    { id: "highHip", needed: false, why: "the shape of the side between waist and hip" },
    { id: "hip", needed: true, why: "the lower end of the block" },
    { id: "leg", needed: true, why: "what front, gusset and back come to along the leg" },
  ],
  lengths: [
    { id: "crotch_front", needed: true, why: "centre front, before the gusset" },
    { id: "crotch_back", needed: true, why: "centre back, behind the gusset" },
    { id: "waist_to_hip", needed: true, why: "the height of the hip at the side" },
    { id: "waist_to_high_hip", needed: false, why: "the height of the high hip, where it is planned" },
  ],
  options: BRIEF_OPTIONS,
  draw,
};

function draw(given: Given): Result<Draft> {
  const levels = lowerLevels(given);
  if (!levels.ok) return levels;
  const centres = centresOf(given, given.cut("crotch_front"), given.cut("crotch_back"));
  const half = (which: Half) =>
    halfBlock({
      half: which,
      levels: sideLevels(levels.value, which),
      centreMm: which === "front" ? centres.frontMm : centres.backMm,
      dropCentreMm: given.number(`waist_drop_${which}`),
      dropSideMm: given.number("waist_drop_side"),
      legAtMm: given.cut("waist_to_hip") - given.number("leg_raise"),
      gussetHalfMm: given.number(`gusset_${which}_half`),
    });
  const [front, back] = [half("front"), half("back")];
  if (!front.ok) return front;
  if (!back.ok) return back;
  const allowances = { seamMm: given.number("seam_allowance"), edgeMm: given.number("edge_allowance") };
  const legs = fitLegs(given, { front: front.value.leg, back: back.value.leg }, centres.gussetMm, allowances);
  const round = [halfPiece(front.value, legs.front, allowances), halfPiece(back.value, legs.back, allowances)];
  const depth = given.measure("crotch_depth");
  return ok({
    recipe: brief.id,
    pieces: [...round, ...legs.gussets, ...linedBy(given, { front: round.slice(0, 1), back: round.slice(1) })],
    round: ["front", "back"],
    levels: plannedLevels(levels.value, {
      fromMm: given.number("waist_drop_side"),
      toMm: given.cut("waist_to_hip") - given.number("leg_raise"),
    }),
    loops: [],
    numbers: [...centres.numbers, ...widthNumbers(levels.value), ...legs.numbers],
    oneLines: [oneLine(["front", "waist", "end"], ["back", "waist", "end"]), ...legs.oneLines],
    elastics: [legs.elastic],
    limits:
      depth === null
        ? []
        : [
            {
              name: "side from the natural waist to the leg",
              along: { parts: [{ piece: "front", edge: "side" }], plusMm: given.number("waist_drop_side") },
              mostMm: depth,
              mostName: "crotch_depth",
            },
          ],
    rollMm: given.number("roll_width"),
    notes: [
      ...given.notes,
      ...sharesNote(levels.value.filter(({ zone }) => zone !== "highHip").map(({ front: share }) => share)),
      ...legs.notes,
    ],
  });
}
