import { ok, type Result } from "../../../result.ts";
import type { Draft, Run } from "../../draft.ts";
import { APEX_MEASURES, markedApex } from "../apex.ts";
import type { Half } from "../drawn.ts";
import type { Given } from "../facts.ts";
import { centresOf } from "../legs/centres.ts";
import { fitLegs } from "../legs/fitLegs.ts";
import { cupPocket, linedBy } from "../lined.ts";
import { sideLevels } from "../lowerLevels.ts";
import { oneLine } from "../oneLine.ts";
import { plannedLevels } from "../plannedLevels.ts";
import type { Recipe } from "../recipe.ts";
import { arcNeeds, sharesNote } from "../shares.ts";
import { strapFromCentre } from "../strapFromCentre.ts";
import { widthNumbers } from "../widths.ts";
import type { BodyBlock } from "./bodyPlan.ts";
import { bodyBlock, bodyPiece } from "./half.ts";
import { ONE_PIECE_OPTIONS } from "./options.ts";
import type { TopLine } from "./topLines.ts";
import { trunkCut } from "./trunk.ts";
import { underbustBand } from "./underbustBand.ts";
import { bodyLevels } from "./upperLevels.ts";

/** One-piece: front and back from shoulder to gusset, together as long as the needed trunk loop. */
export const onePiece: Recipe = {
  id: "onePiece",
  name: "One-piece",
  summary: "Front and back from the shoulder to a gusset between them; together the needed trunk loop.",
  measures: [
    ...arcNeeds("bust", "waist", "hip"),
    ...APEX_MEASURES,
    { id: "leg_edge", needed: false, why: "the leg line on the body: the edge may not be longer" },
  ],
  girths: [
    { id: "overbust", needed: false, why: "the width at the underarm; else that of the bust" },
    { id: "bust", needed: true, why: "the width at the bust, and where the straps sit" },
    { id: "underbust", needed: false, why: "the shape of the side between bust and waist" },
    { id: "waist", needed: true, why: "the width at the waist" },
    { id: "highHip", needed: false, why: "the shape of the side between waist and hip" },
    { id: "hip", needed: true, why: "the width at the hip" },
    { id: "leg", needed: true, why: "what front, gusset and back come to along the leg" },
  ],
  lengths: [
    { id: "front_waist", needed: true, why: "from shoulder to waist down the front" },
    { id: "back_waist", needed: true, why: "from shoulder to waist down the back" },
    { id: "side_waist", needed: true, why: "from the underarm to the waist along the side" },
    { id: "shoulder_to_apex", needed: true, why: "the height of the bust" },
    { id: "crotch_front", needed: true, why: "from the waist to the crotch point, front" },
    { id: "crotch_back", needed: true, why: "from the crotch point to the waist, back" },
    { id: "waist_to_hip", needed: true, why: "the height of the hip at the side" },
    { id: "trunk_loop", needed: false, why: "the needed loop; else the sum of its four parts" },
    { id: "underbust_to_waist", needed: false, why: "the height of the underbust, where it is planned" },
    { id: "waist_to_high_hip", needed: false, why: "the height of the high hip, where it is planned" },
  ],
  options: ONE_PIECE_OPTIONS,
  draw,
};

/** What is said of a halter. */
const TIED =
  "The halter straps are cut by the strip recipe and tied behind the neck: their length is set on the body, and they carry the front alone.";

/** A high back is cut to this part of its depth. */
const HIGH = 0.2;

function draw(given: Given): Result<Draft> {
  const levels = bodyLevels(given);
  if (!levels.ok) return levels;
  const trunk = trunkCut(given);
  const centres = centresOf(given, trunk.crotchFrontMm, trunk.crotchBackMm);
  const straps = strapFromCentre(given.girth("bust"));
  const halter = given.choice("back") === "halter";
  const apex = markedApex(given, 0);
  const half = (which: Half) =>
    bodyBlock({
      half: which,
      levels: sideLevels(levels.value, which),
      sideMm: given.cut("side_waist") + given.cut("waist_to_hip") - given.number("leg_raise"),
      shoulderMm: which === "front" ? trunk.frontWaistMm : trunk.backWaistMm,
      gussetMm: which === "front" ? centres.frontMm : centres.backMm,
      gussetHalfMm: given.number(`gusset_${which}_half`),
      strapAtMm: halter ? given.number("halter_from_centre") : straps.mm,
      tied: halter,
      strapMm: given.number("strap_width"),
      points: which === "front" ? apex.points : [],
      ...(which === "front" ? frontTop(given) : backTop(given)),
    });
  const [front, back] = [half("front"), half("back")];
  if (!front.ok) return front;
  if (!back.ok) return back;
  const allowances = { seamMm: given.number("seam_allowance"), edgeMm: given.number("edge_allowance") };
  const legs = fitLegs(given, { front: front.value.leg, back: back.value.leg }, centres.gussetMm, allowances);
  const round = [bodyPiece(front.value, legs.front, allowances), bodyPiece(back.value, legs.back, allowances)];
  const band = underbustBand(given, round, allowances);
  if (!band.ok) return band;
  const taken = levels.value.filter(({ zone }) => zone === "bust" || zone === "waist" || zone === "hip");
  return ok({
    recipe: onePiece.id,
    pieces: [
      ...round,
      ...legs.gussets,
      ...linedBy(given, { front: round.slice(0, 1), back: round.slice(1) }),
      ...round.slice(0, 1).flatMap((half) => cupPocket(given, half, allowances.seamMm)),
      ...band.value.pieces,
    ],
    round: ["front", "back"],
    levels: plannedLevels(levels.value, {
      fromMm: -given.cut("side_waist"),
      toMm: given.cut("waist_to_hip") - given.number("leg_raise"),
    }),
    loops: [{ level: "trunkLoop", plannedMm: trunk.loopMm, along: loopOf(front.value, back.value) }],
    numbers: [
      ...trunk.numbers,
      ...centres.numbers,
      ...widthNumbers(levels.value),
      ...(halter ? [] : [straps.number]),
      ...apex.numbers,
      ...legs.numbers,
    ],
    oneLines: [
      ...(halter
        ? [oneLine(["front", "armhole", "end"], ["back", "neckline", "end"])]
        : [
            oneLine(["front", "neckline", "end"], ["back", "neckline", "end"]),
            oneLine(["front", "armhole", "start"], ["back", "armhole", "start"]),
            oneLine(["front", "armhole", "end"], ["back", "armhole", "end"]),
          ]),
      ...band.value.oneLines,
      ...legs.oneLines,
    ],
    elastics: [legs.elastic],
    limits: [],
    rollMm: given.number("roll_width"),
    notes: [
      ...given.notes,
      ...apex.notes,
      ...trunk.notes,
      ...sharesNote(taken.map(({ front: share }) => share)),
      ...legs.notes,
      ...(halter ? [TIED] : []),
      ...band.value.notes,
    ],
  });
}

/** The loop as it is worn: down the centres over the gusset, and at both ends from the shoulder to where the cloth begins. */
const loopOf = (front: BodyBlock, back: BodyBlock): Run => ({
  parts: ["front", "gusset", "back"].map((piece) => ({ piece, edge: "centre" })),
  plusMm: front.plan.depthMm + back.plan.depthMm,
});

function frontTop(given: Given): { line: TopLine; depthMm: number } {
  const neck = given.choice("neck");
  const line = neck === "plunge" ? `plunge-${given.choice("plunge_line")}` : neck;
  return { line: line as TopLine, depthMm: given.number("neck_depth") };
}

function backTop(given: Given): { line: TopLine | "halter"; depthMm: number } {
  const [back, depth] = [given.choice("back"), given.number("back_depth")];
  if (back === "halter") return { line: "halter", depthMm: depth };
  if (back === "high") return { line: "scoop", depthMm: HIGH * depth };
  return { line: back === "straps" ? "straight" : "scoop", depthMm: depth };
}
