import { term } from "../../../explain/index.ts";
import { ok, type Result } from "../../../result.ts";
import type { Draft, DraftNumber } from "../../draft.ts";
import { lengthOfEdges } from "../../geometry/index.ts";
import { edgeLength, edgeOf, type Piece } from "../../piece/index.ts";
import { lengthNumber } from "../drawn.ts";
import type { Given } from "../facts.ts";
import type { Recipe } from "../recipe.ts";
import { ringGirths } from "../ringGirths.ts";
import { arcNeeds, sharesNote } from "../shares.ts";
import { type Half, widthNumbers } from "../widths.ts";
import { centresOf } from "./centres.ts";
import { gussetPiece } from "./gusset.ts";
import { type BriefAllowances, type HalfBlock, halfBlock, halfPiece } from "./half.ts";
import { type LegLine, legCurve, legLength } from "./legCurve.ts";
import { blockLevels, sideLevels } from "./levels.ts";
import { BRIEF_OPTIONS } from "./options.ts";
import { type LegFit, solveLeg } from "./solveLeg.ts";

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
  const levels = blockLevels(given);
  if (!levels.ok) return levels;
  const centres = centresOf(given);
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
  const legs = fittedLegs(given, front.value, back.value, centres.gussetMm, allowances);
  const { pieces } = legs;
  const [frontPiece, backPiece] = pieces;
  const side = edgeLength(edgeOf(frontPiece, "side"));
  const depth = given.measure("crotch_depth");
  return ok({
    recipe: brief.id,
    pieces,
    ...ringGirths(
      levels.value.map(({ zone, girthMm }) => ({ level: zone, plannedMm: girthMm })),
      [frontPiece, backPiece],
    ),
    numbers: [
      ...centres.numbers,
      ...widthNumbers(levels.value, "front"),
      ...widthNumbers(levels.value, "back"),
      ...legs.numbers,
    ],
    oneLines: [
      oneLine(["front", "waist", "end"], ["back", "waist", "end"]),
      oneLine(["front", "leg", "start"], ["back", "leg", "start"]),
      oneLine(["front", "leg", "end"], ["gusset", "side", "start"]),
      oneLine(["back", "leg", "end"], ["gusset", "side", "end"]),
    ],
    elastics: [
      {
        name: "leg edge",
        edgeMm: legs.edgeMm,
        plannedMm: given.girth("leg"),
        bodyMm: given.measure("leg_edge"),
        piece: "front",
        edge: "leg",
      },
    ],
    limits:
      depth === null
        ? []
        : [
            {
              name: "side from the natural waist to the leg",
              mm: side + given.number("waist_drop_side"),
              mostMm: depth,
              mostName: "crotch_depth",
              piece: "front",
              edge: "side",
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

type LineEnd = readonly [piece: string, edge: string, end: "start" | "end"];
const oneLine = ([piece, edge, end]: LineEnd, [piece2, edge2, end2]: LineEnd) => ({
  first: { piece, edge, end },
  second: { piece: piece2, edge: edge2, end: end2 },
});

interface FittedLegs {
  readonly pieces: readonly [front: Piece, back: Piece, gusset: Piece, lining: Piece];
  /** Front, gusset and back along one leg, mm. */
  readonly edgeMm: number;
  readonly numbers: readonly DraftNumber[];
  readonly notes: readonly string[];
}

/** The legs at the fullness that brings front, gusset side and back to the planned girth, or as near as a curve comes. */
function fittedLegs(
  given: Given,
  front: HalfBlock,
  back: HalfBlock,
  gussetMm: number,
  allowances: BriefAllowances,
): FittedLegs {
  const size = {
    lengthMm: gussetMm,
    frontHalfMm: given.number("gusset_front_half"),
    backHalfMm: given.number("gusset_back_half"),
  };
  const gusset = gussetPiece("gusset", "shell", size, allowances);
  const gussetSide = edgeLength(edgeOf(gusset, "side"));
  const legs = [
    { block: front, line: "curved" as LegLine, raisedMm: given.number("leg_raise_front") },
    { block: back, line: given.choice("back_leg") as LegLine, raisedMm: given.number("leg_raise_back") },
  ];
  const planned = given.girth("leg");
  const fit = solveLeg(
    (fullness) =>
      legs.reduce((sum, { block, line, raisedMm }) => sum + legLength(block.leg, line, fullness, raisedMm), gussetSide),
    planned,
  );
  const [frontLeg = [], backLeg = []] = legs.map(({ block, line, raisedMm }) =>
    legCurve(block.leg, line, fit.fullness, raisedMm),
  );
  const lengths = [lengthOfEdges(frontLeg), gussetSide, lengthOfEdges(backLeg)] as const;
  const edgeMm = lengths.reduce((sum, mm) => sum + mm, 0);
  const drawn = term("garment", "length");
  return {
    pieces: [
      halfPiece(front, frontLeg, allowances),
      halfPiece(back, backLeg, allowances),
      gusset,
      gussetPiece("gussetLining", "lining", size, allowances),
    ],
    edgeMm,
    numbers: [
      lengthNumber("leg.edge", "Leg edge", {
        formula: "E = F + g + b",
        terms: [
          drawn("F", "front leg edge", lengths[0], "drawn"),
          drawn("g", "side of the gusset", lengths[1], "drawn"),
          drawn("b", "back leg edge", lengths[2], "drawn"),
        ],
        value: edgeMm,
        notes: legNotes(fit, edgeMm, planned),
      }),
    ],
    notes: legNotes(fit, edgeMm, planned),
  };
}

const legNotes = ({ reached }: LegFit, edgeMm: number, planned: number): string[] =>
  reached === "met"
    ? []
    : [
        `The planned leg girth of ${planned.toFixed(0)} mm is ${reached}: the nearest smooth leg edge is ${edgeMm.toFixed(0)} mm, and its elastic takes up the rest.`,
      ];
