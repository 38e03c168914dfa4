import type { MeasureCode } from "../../../body/index.ts";
import { ok, type Result } from "../../../result.ts";
import type { Draft } from "../../draft.ts";
import type { BodySide, PieceEdge } from "../../piece/index.ts";
import {
  type BreastMeasures,
  breastOf,
  CUP_SEAMS,
  type CupSeams,
  cupPatches,
  type FlatCup,
  flatCup,
} from "../../surface/index.ts";
import type { DraftFacts, Given } from "../facts.ts";
import { readFacts } from "../readFacts.ts";
import type { Need, Recipe } from "../recipe.ts";
import { type CupSurface, cupSurface } from "./cupFaces.ts";
import { type CupMade, type CupOfBreast, cupOfBreast, fullnessNote } from "./cupSide.ts";
import { CUP_OPTIONS } from "./options.ts";

/** What of the body is asked for, side by side. */
const MEASURES: readonly Need<MeasureCode>[] = [
  { id: "root_width", needed: true, apart: true, why: "how wide the cup stands" },
  { id: "root_height", needed: true, apart: true, why: "how high the cup stands" },
  { id: "wire_line", needed: false, apart: true, why: "how far its lower half goes down" },
  { id: "projection", needed: true, apart: true, why: "how far the apex stands before the chest" },
  { id: "lower_cup", needed: true, apart: true, why: "the arc below the apex" },
  { id: "upper_cup", needed: true, apart: true, why: "the arc above it" },
  { id: "cross_cup", needed: true, apart: true, why: "the arc across it" },
];

/** Cups, each from the surface of its breast: seams true to length, pieces laid flat with the least strain. */
export const cup: Recipe = {
  id: "cup",
  name: "Cups",
  summary:
    "The breast as a surface from its own measures, parted by seams and laid flat with the least strain, each side on its own.",
  measures: MEASURES,
  girths: [],
  lengths: [],
  options: CUP_OPTIONS,
  costly: true,
  draw,
};

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

function draw(given: Given): Result<Draft> {
  const drawn = cupsOf(given);
  if (!drawn.ok) return drawn;
  const [cups, made] = [drawn.value, madeOf(given)];
  return ok({
    recipe: cup.id,
    pieces: cups.flatMap((one) => one.pieces),
    ...{ round: [], levels: [], loops: [], oneLines: [], elastics: [], limits: [] },
    numbers: cups.flatMap((one) => one.numbers),
    rollMm: given.number("roll_width"),
    notes: cups.flatMap((one) => notesOf(one, made, given.number("cloth_gives"))),
  });
}

/** The surfaces of the cups that facts give: what the pieces are laid flat from. */
export function cupSurfaces(facts: DraftFacts): Result<readonly CupSurface[]> {
  const given = readFacts(cup, facts);
  if (!given.ok) return given;
  const cups = cupsOf(given.value);
  return cups.ok ? ok(cups.value.map(cupSurface)) : cups;
}

function cupsOf(given: Given): Result<readonly CupOfBreast[]> {
  const made = madeOf(given);
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

const madeOf = (given: Given): CupMade => ({
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

/** Seams that part a cup once more. */
const MORE: Readonly<Record<CupSeams, readonly CupSeams[]>> = {
  cross: ["crossVertical", "threePieces"],
  vertical: ["threePieces", "crossVertical"],
  crossVertical: [],
  threePieces: [],
};

/** One more seam is worth it where it takes so much of the strain away. */
const WORTH = 0.01;

function notesOf({ breast, parts, side }: CupOfBreast, made: CupMade, gives: number): string[] {
  const of = side === null ? "" : ` ${side}`;
  const worst = parts.reduce((most, part) => (part.strain.low < most.strain.low ? part : most));
  const left = parts.map((part) => `${part.patch.name.toLowerCase()}${of} ${strainWords(part)}`).join("; ");
  const note = fullnessNote(breast);
  const volumes = `The surface${of} holds ${Math.round(breast.volumeCm3)} cm³, half an ellipsoid over its root ${Math.round(breast.ellipsoidCm3)}. ${note}`;
  const strain = `Strain left in the flat pieces, 5 and 95 of 100 threads: ${left}.`;
  if (-worst.strain.low <= gives) return [volumes, strain];
  return [volumes, strain, moreSeams(breast, worst, made, gives)];
}

const strainWords = ({ strain }: FlatCup): string => `${percent(strain.low)} to ${percent(strain.high)}`;
const percent = (part: number): string => `${part < 0 ? "−" : "+"}${Math.abs(part * 100).toFixed(1)} %`;

/** What one more seam would leave, where the cloth does not give enough. */
function moreSeams(breast: Breast, worst: FlatCup, made: CupMade, gives: number): string {
  const asks = `The ${worst.patch.name.toLowerCase()} asks the cloth to give ${percent(-worst.strain.low).slice(1)}, and it gives ${percent(gives).slice(1)}`;
  const left = MORE[made.seams].map((seams) => ({ seams, low: lowest(breast, seams, made) }));
  const best = left.toSorted((a, b) => b.low - a.low)[0];
  return best && best.low > worst.strain.low + WORTH
    ? `${asks}. One more seam (${SEAM_WORDS[best.seams]}) would leave ${percent(best.low)}.`
    : `${asks}, and one more seam would not leave less: take a cloth that gives more, or close what is left by a dart.`;
}

const SEAM_WORDS: Readonly<Record<CupSeams, string>> = {
  cross: "across",
  crossVertical: "upright below the cross seam",
  vertical: "upright",
  threePieces: "a side piece",
};

const lowest = (breast: Breast, seams: CupSeams, made: CupMade): number =>
  Math.min(...cupPatches(breast, seams, made).map((patch) => flatCup(breast, patch).strain.low));

type Breast = CupOfBreast["breast"];
