import { DIAMETER_TOLERANCE_MM } from "../../../band/index.ts";
import { fail, ok, type Problem, type Result } from "../../../result.ts";
import type { Draft } from "../../draft.ts";
import { joinedSides } from "../../parted/index.ts";
import type { Piece } from "../../piece/index.ts";
import { cupNotes } from "../cup/cupNotes.ts";
import type { CupMade, CupOfBreast } from "../cup/cupSide.ts";
import { BREAST_NEEDS, cupMade, cupsOf } from "../cup/cupsOf.ts";
import type { Given } from "../facts.ts";
import type { Recipe } from "../recipe.ts";
import { RECTANGLE_KINDS } from "../rectangle/kinds.ts";
import { stripPiece } from "../rectangle/rectangle.ts";
import { wingStrain } from "./braNumbers.ts";
import { type BraKind, braSide, type Stands, standsOn } from "./braSide.ts";
import { SOFT_OPTIONS, WIRED_OPTIONS } from "./options.ts";
import { hasOwnWires, wireOf } from "./wire.ts";

const NEEDS: Pick<Recipe, "measures" | "girths" | "lengths" | "costly"> = {
  measures: [
    ...BREAST_NEEDS,
    { id: "bridge_width", needed: true, why: "how far the cups stand apart" },
    { id: "underbust", needed: false, why: "what the back of the band is stretched to" },
  ],
  girths: [{ id: "underbust", needed: true, why: "the band, hook tape and all" }],
  lengths: [],
  costly: true,
};

/** A wired bra: bridge, cradles, wings with their hook end, cups from the breast, a channel that the wire is walked along. */
export const wiredBra: Recipe = {
  ...NEEDS,
  id: "wiredBra",
  name: "Wired bra",
  summary:
    "Bridge, cradles, wings with their hook end, sling and cups; the wire is walked along its channel, and what meets it rises with it.",
  options: WIRED_OPTIONS,
  draw: (given) => drawn(given, "wired"),
};

/** A soft bra or swim top: a band to the plan, and cups from the breast joined to it at the line they stand on. */
export const softBra: Recipe = {
  ...NEEDS,
  id: "softBra",
  name: "Soft bra, swim top",
  summary: "A band to the plan, with cups from the breast joined to it along the line they stand on; no wire.",
  options: SOFT_OPTIONS,
  draw: (given) => drawn(given, "soft"),
};

function drawn(given: Given, kind: BraKind): Result<Draft> {
  const made = cupMade(given, "garment");
  const cups = cupsOf(given, made);
  if (!cups.ok) return cups;
  const lines: { readonly cup: CupOfBreast; readonly stands: Stands }[] = [];
  for (const cup of cups.value) {
    const stands = standsOn(given, kind, cup, made);
    if (!stands.ok) return ofSide(cup, stands.problem);
    lines.push({ cup, stands: stands.value });
  }
  // Cups of two depths stand on one band: it ends below the deeper.
  const lowMm = Math.max(...lines.map(({ stands }) => stands.deepMm)) + given.number("cradle_depth");
  const sides: Draft[] = [];
  for (const line of lines) {
    const side = braSide(given, kind, { ...line, lowMm }, made);
    if (!side.ok) return ofSide(line.cup, side.problem);
    const { notes } = side.value;
    sides.push({ ...side.value, notes: notes.map((note) => sided(line.cup, note)) });
  }
  const [first, second] = sides;
  if (!first) throw new RangeError("A bra has a cup at the least.");
  const whole = second ? joinedSides(first, second) : first;
  return ok({
    ...whole,
    pieces: [...whole.pieces, ...strapsOf(given)],
    numbers: [...sides.flatMap(({ numbers }) => numbers), ...wingStrain(given, whole)],
    notes: [...given.notes, ...sides.flatMap(({ notes }) => notes), ...notesOf(given, kind, cups.value, made)],
  });
}

/** A sentence with the side it is said of. */
const sided = ({ side }: Pick<CupOfBreast, "side">, said: string): string =>
  side === null ? said : `${side === "left" ? "Left" : "Right"}: ${said}`;

const ofSide = (cup: CupOfBreast, { code, message }: Problem) => fail(code, sided(cup, message));

/** Straps of cloth, where their length was told: of elastic they are cut at the Band step. */
function strapsOf(given: Given): Piece[] {
  const [width, length] = [given.number("strap_width"), given.number("strap_length")];
  const kind = RECTANGLE_KINDS.find(({ id }) => id === "strap");
  if (width === 0 || length === 0 || !kind) return [];
  return [stripPiece(kind, { width, length, count: 2, seamMm: given.number("seam_allowance") })];
}

function notesOf(given: Given, kind: BraKind, cups: readonly CupOfBreast[], made: CupMade): string[] {
  const [width, length] = [given.number("strap_width"), given.number("strap_length")];
  return [
    ...cups.flatMap((cup) => cupNotes(cup, made, given.number("cloth_gives"))),
    ...(kind === "wired" && given.number("wire_length") === 0
      ? ["No wire was told: its line is drawn as the cup's lower edge, and nothing is walked along it."]
      : []),
    ...(kind === "wired" ? [...cups.flatMap((cup) => widthNote(given, cup)), ...oneForBoth(given, cups)] : []),
    ...(width > 0 && length === 0 ? ["Straps of cloth need a length, here or at Band: none are drawn."] : []),
  ];
}

/** One wire for two roots that differ: the channel of the smaller is raised by what they differ. */
function oneForBoth(given: Given, [first, second]: readonly CupOfBreast[]): string[] {
  if (!first || !second || hasOwnWires(given) || given.number("wire_length") === 0) return [];
  const [left, right] = [first, second].map(({ breast }) => 2 * breast.root.halfWidthMm) as [number, number];
  if (Math.abs(left - right) <= DIAMETER_TOLERANCE_MM) return [];
  return [
    `One wire for both sides, but the roots are ${left.toFixed(0)} and ${right.toFixed(0)} mm wide: give each side its own at Band, or the channel of the smaller is raised for the wire of the larger.`,
  ];
}

/** A wire that is not as wide as the root it lies round. */
function widthNote(given: Given, { breast, side }: CupOfBreast): string[] {
  const { tipsMm, restMm } = wireOf(given, side);
  const rootMm = 2 * breast.root.halfWidthMm;
  if (tipsMm === null || Math.abs(rootMm - restMm) <= DIAMETER_TOLERANCE_MM) return [];
  return [
    `The wire is ${restMm.toFixed(0)} mm from tip to tip and the root${side === null ? "" : `, ${side},`} ${rootMm.toFixed(0)} mm wide: within ${DIAMETER_TOLERANCE_MM} mm is wanted.`,
  ];
}
