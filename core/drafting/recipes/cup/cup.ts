import { ok, type Result } from "../../../result.ts";
import type { Draft } from "../../draft.ts";
import { FINE_NET } from "../../surface/index.ts";
import type { DraftFacts, Given } from "../facts.ts";
import { readFacts } from "../readFacts.ts";
import type { Recipe } from "../recipe.ts";
import { type CupSurface, cupSurface } from "./cupFaces.ts";
import { cupNotes } from "./cupNotes.ts";
import { BREAST_NEEDS, cupMade, cupsOf } from "./cupsOf.ts";
import { CUP_OPTIONS } from "./options.ts";

/** Cups, each from the surface of its breast: seams true to length, pieces laid flat with the least strain. */
export const cup: Recipe = {
  id: "cup",
  name: "Cups",
  summary:
    "The breast as a surface from its own measures, parted by seams and laid flat with the least strain, each side on its own.",
  measures: BREAST_NEEDS,
  girths: [],
  lengths: [],
  options: CUP_OPTIONS,
  costly: true,
  draw,
};

function draw(given: Given): Result<Draft> {
  const made = cupMade(given);
  const drawn = cupsOf(given, made);
  if (!drawn.ok) return drawn;
  const cups = drawn.value;
  return ok({
    recipe: cup.id,
    pieces: cups.flatMap((one) => one.pieces),
    ...{ round: [], levels: [], loops: [], oneLines: [], elastics: [], limits: [] },
    numbers: cups.flatMap((one) => one.numbers),
    rollMm: given.number("roll_width"),
    notes: cups.flatMap((one) => cupNotes(one, made, given.number("cloth_gives"))),
  });
}

/** The surfaces of the cups that facts give by a recipe that draws cups: what the pieces are laid flat from, as finely as asked. */
export function cupSurfaces(recipe: Recipe, facts: DraftFacts, net = FINE_NET): Result<readonly CupSurface[]> {
  const given = readFacts(recipe, facts);
  if (!given.ok) return given;
  const made = cupMade(given.value, recipe.id === cup.id ? "itself" : "garment");
  const cups = cupsOf(given.value, { ...made, net });
  return cups.ok ? ok(cups.value.map(cupSurface)) : cups;
}
