import { term } from "../../../explain/index.ts";
import { fail, ok, type Result } from "../../../result.ts";
import type { Draft } from "../../draft.ts";
import { backward, type Edge, lengthOfEdge, type Point, point, smoothCurve, straight } from "../../geometry/index.ts";
import { grainAt, type Piece } from "../../piece/index.ts";
import type { Half } from "../drawn.ts";
import { edge, lengthNumber, onFold, sewnTo } from "../drawn.ts";
import type { Given } from "../facts.ts";
import { oneLine } from "../oneLine.ts";
import { numberOption as mm, ROLL_WIDTH, SEAM_ALLOWANCE } from "../options.ts";
import type { Recipe } from "../recipe.ts";
import { arcNeeds, frontShare, sharesNote } from "../shares.ts";
import { halfWidth, type SharedGirth, widthNumbers } from "../widths.ts";

/** Skirt of a dress from the hip down: straight, or narrowed at the knee, joined to a top at the hip line. */
export const skirt: Recipe = {
  id: "skirt",
  name: "Skirt from the hip down",
  summary: "Straight or narrowed at the knee; front on the fold, back in two with a seam down the centre.",
  measures: arcNeeds("hip"),
  girths: [{ id: "hip", needed: true, why: "the width all the way down, where it is straight" }],
  lengths: [
    { id: "skirt_side", needed: true, why: "from the waist to the hem at the side" },
    { id: "waist_to_hip", needed: true, why: "what of it lies above the hip" },
  ],
  options: [
    mm("knee", "Knee below the hip", [150, 600, 380], "Where the skirt is narrowest."),
    mm("narrow_side", "Narrower at each side seam", [0, 80, 0], "Taken off front and back at the knee, each side."),
    mm("narrow_back", "Narrower at the back seam", [0, 80, 0], "Taken off both backs at the knee."),
    mm("above_hip", "Begins above the hip by", [0, 250, 0], "Where the bodice it is joined to ends."),
    mm("top_girth", "Upper edge, all round", [0, 3000, 0], "What it is joined to; 0 for as wide as at the hip."),
    mm("hem", "Hem", [0, 80, 20], "Allowance at the lower edge."),
    SEAM_ALLOWANCE,
    ROLL_WIDTH,
  ],
  draw,
};

/** Down a piece. */
const DOWN = point(0, 1);

/** A narrowed side keeps straight for this part of its way at both ends. */
const STRAIGHT = { leaving: 0.4, arriving: 0.4 };

/** The skirt goes on past the knee by this at least, mm: else there is nothing to narrow. */
const LEAST_BELOW_MM = 20;

function draw(given: Given): Result<Draft> {
  const share = frontShare(given, "hip");
  if (!share.ok) return share;
  const hip: SharedGirth = { zone: "hip", girthMm: given.girth("hip"), front: share.value };
  const [side, above] = [given.cut("skirt_side"), given.cut("waist_to_hip")];
  const startMm = given.number("above_hip");
  const lengthMm = side - above + startMm;
  const narrowed = given.number("narrow_side") > 0 || given.number("narrow_back") > 0;
  const least = startMm + (narrowed ? given.number("knee") + LEAST_BELOW_MM : LEAST_BELOW_MM);
  if (lengthMm < least)
    return fail(
      "skirt-too-short",
      `Expected skirt_side to be at least ${(above + least - startMm).toFixed(0)} mm, ${narrowed ? "past the knee" : "past the hip"}, but it is ${side.toFixed(0)} mm.`,
    );
  const pieces = [half(given, hip, "front", lengthMm), half(given, hip, "back", lengthMm)];
  const length = term("garment", "length");
  return ok({
    recipe: skirt.id,
    pieces,
    round: ["front", "back"],
    levels: [{ level: "hip", plannedMm: hip.girthMm }],
    loops: [],
    numbers: [
      ...widthNumbers([hip]),
      lengthNumber("skirt.length", startMm > 0 ? "Length from where the bodice ends" : "Length from the hip down", {
        formula: startMm > 0 ? "L = S − h + a" : "L = S − h",
        terms: [
          length("S", "side length as cut, waist to hem", side, "length of the plan"),
          length("h", "waist to hip as cut", above, "length of the plan"),
          ...(startMm > 0 ? [length("a", "from the bodice's lower edge down to the hip", startMm, "option")] : []),
        ],
        value: lengthMm,
      }),
    ],
    oneLines: [
      oneLine(["front", "top", "end"], ["back", "top", "end"]),
      oneLine(["front", "hem", "start"], ["back", "hem", "start"]),
    ],
    elastics: [],
    limits: [],
    rollMm: given.number("roll_width"),
    notes: [
      ...given.notes,
      ...sharesNote([share.value]),
      ...(narrowed ? ["A narrowed skirt needs an opening to walk in: try a step before the seam is closed."] : []),
    ],
  });
}

/** One half: from its upper edge at y = 0, at the hip line or above it, to the hem. */
function half(given: Given, hip: SharedGirth, which: Half, lengthMm: number): Piece {
  const seamMm = given.number("seam_allowance");
  const wide = halfWidth(hip, which);
  const begun = aboveHip(given, hip, which);
  const hipAt = begun.at(-1)?.to ?? point(wide, 0);
  const kneeMm = hipAt.y + given.number("knee");
  const endMm = lengthMm + hipAt.y - given.number("above_hip");
  const atSide = [...begun, ...down(hipAt, -given.number("narrow_side"), kneeMm, endMm)];
  const atBack = down(point(0, 0), which === "back" ? given.number("narrow_back") : 0, kneeMm, endMm);
  const [lowSide, lowBack] = [atSide.at(-1)?.to ?? hipAt, atBack.at(-1)?.to ?? point(0, 0)];
  const topAt = atSide[0]?.from ?? hipAt;
  const centre =
    which === "front"
      ? onFold("centre", "centreFront", lowBack, point(0, 0))
      : edge("centre", "centreBack", backward(atBack), { finish: "seam", allowanceMm: seamMm });
  return {
    id: which,
    name: which === "front" ? "Front" : "Back",
    count: which === "front" ? 1 : 2,
    onFold: which === "front",
    mirrored: which === "back",
    role: "shell",
    edges: [
      edge("top", "waist", [straight(point(0, 0), topAt)], { finish: "seam", allowanceMm: seamMm }),
      edge("side", "side", atSide, sewnTo(which === "front" ? "back" : "front", "side", seamMm)),
      edge("hem", "hem", [straight(lowSide, lowBack)], { finish: "hem", allowanceMm: given.number("hem") }),
      centre,
    ],
    levels: [{ level: "hip", from: point(0, hipAt.y), to: hipAt }],
    grain: grainAt(wide / 2, 0, endMm),
    notches: given.number("narrow_side") > 0 ? [{ edge: "side", mm: kneeMm }] : [],
    links: [],
  };
}

/** Lengths are met to this, mm; so often a side above the hip is bettered. */
const [MET_MM, TRIES] = [1e-6, 40] as const;

/** The side from an upper edge above the hip down to it, as long as the body is there, both halves alike; none where it begins at the hip. */
function aboveHip(given: Given, hip: SharedGirth, which: Half): Edge[] {
  const [startMm, girthMm] = [given.number("above_hip"), given.number("top_girth")];
  if (startMm === 0) return [];
  const [wide, top] = [halfWidth(hip, which), halfWidth({ ...hip, girthMm: girthMm || hip.girthMm }, which)];
  const at = (deepMm: number) =>
    smoothCurve({ at: point(top, 0), toward: DOWN }, { at: point(wide, deepMm), toward: DOWN }, STRAIGHT);
  let [least, most] = [0, startMm];
  for (let turn = 0; turn < TRIES && most - least > MET_MM; turn += 1) {
    const middle = (least + most) / 2;
    if (lengthOfEdge(at(middle)) < startMm) least = middle;
    else most = middle;
  }
  return [at(most)];
}

/** A line down a piece that moves across by an amount until the knee, and goes straight on from there. */
function down(from: Point, acrossMm: number, kneeMm: number, endMm: number): Edge[] {
  if (acrossMm === 0) return [straight(from, point(from.x, endMm))];
  const knee = point(from.x + acrossMm, kneeMm);
  const upper = smoothCurve({ at: from, toward: DOWN }, { at: knee, toward: DOWN }, STRAIGHT);
  return [upper, straight(knee, point(knee.x, endMm))];
}
