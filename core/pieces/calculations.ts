import { type CalculatedStyle, isBra, type JobFacts } from "../calculation/index.ts";
import { isBoned, type Zone } from "../ease/index.ts";
import { hasTrunk } from "../torso/index.ts";
import { corsetPieceFacts } from "./corsetFacts.ts";
import { ownPattern } from "./ownPattern/index.ts";
import type { PieceFacts } from "./pieceFacts.ts";
import { type PiecesCalculation, piecesCalculation } from "./piecesCalculation.ts";
import type { PiecesReckoning } from "./reckonPieces.ts";
import { BELOW_WAIST } from "./said/belowWaist.ts";
import { braBy, cupsBy, wiredBy } from "./said/cups.ts";
import { STRAP_LENGTH } from "./said/strap.ts";
import { TOP_EDGE } from "./said/topEdge.ts";
import { joinedToBodice } from "./skirtFacts.ts";

const plans = ({ zones }: CalculatedStyle, zone: Zone): boolean => zones.includes(zone);
const isSlip = ({ family }: CalculatedStyle): boolean => family === "slip";

/** A top that ends above the waist. */
const isBikiniTop = (style: CalculatedStyle): boolean =>
  plans(style, "bust") && !plans(style, "waist") && !plans(style, "leg");

/** A boned garment that covers the bust, which may lie in cups of its own. */
const isBonedOverBust = (style: CalculatedStyle): boolean => isBoned(style) && plans(style, "bust");

/** A skirt as it hangs by itself. */
const SKIRT = piecesCalculation(
  "skirt",
  (style) => plans(style, "hip") && style.lengths.some(({ id }) => id === "skirtSide"),
);

/** Every recipe that draws pieces for jobs, under the name its options are kept by; adding one is adding a line here. */
export const PIECES = {
  /** The panels of a boned garment, from its reduction. */
  corsetPieces: { ...piecesCalculation("corset", isBoned), facts: corsetPieceFacts },
  /** A brief or a bikini bottom: legs, and no trunk above them. */
  briefPieces: piecesCalculation("brief", (style) => plans(style, "leg") && !hasTrunk(style), TOP_EDGE),
  /** A piece from shoulder to crotch. */
  onePiecePieces: piecesCalculation("onePiece", (style) => plans(style, "leg") && hasTrunk(style)),
  /** A top over bust and waist that ends above the legs. */
  camisolePieces: piecesCalculation(
    "camisole",
    (style) => isSlip(style) && plans(style, "bust") && plans(style, "waist") && !plans(style, "leg"),
    BELOW_WAIST,
  ),
  /** A slip that goes down past the hip. */
  slipPieces: piecesCalculation(
    "biasSlip",
    (style) => isSlip(style) && style.lengths.some(({ id }) => id === "skirtSide"),
  ),
  /** A skirt, where the style goes down past the hip. */
  skirtPieces: {
    ...SKIRT,
    facts: (job: JobFacts) => (SKIRT.appears(job.style) ? joinedToBodice(SKIRT.facts(job), job) : SKIRT.facts(job)),
  },
  /** Cups, where a style parts a bust from the band below it, or from the panels. */
  cupPieces: piecesCalculation(
    "cup",
    (style) => isBra(style) || isBikiniTop(style) || isBonedOverBust(style),
    cupsBy("cupPieces"),
  ),
  /** A soft bra or a swim top whole: a band below the bust, with cups. */
  softBraPieces: piecesCalculation(
    "softBra",
    (style) => style.family === "softBra" || (isBikiniTop(style) && plans(style, "underbust")),
    braBy("softBraPieces"),
  ),
  /** A wired bra whole. */
  wiredBraPieces: piecesCalculation("wiredBra", ({ family }) => family === "wiredBand", wiredBy("wiredBraPieces")),
  /** Straps, ties and bands go with everything that is not boned. */
  stripPieces: piecesCalculation("rectangle", (style) => !isBoned(style), STRAP_LENGTH),
  /** A pattern from elsewhere goes with every style. */
  ownPieces: ownPattern,
} as const;

/** A calculation that draws pieces. */
export type PiecesId = keyof typeof PIECES;

/** All of {@link PIECES} in their order. */
export const PIECES_IDS = Object.keys(PIECES) as readonly PiecesId[];

/** True for a text that names one. */
export const isPiecesId = (text: string | undefined): text is PiecesId =>
  text !== undefined && Object.hasOwn(PIECES, text);

/** What a calculation draws, with the options it asks for. */
export const recipeOfPieces = (id: PiecesId): PiecesCalculation["recipe"] => PIECES[id].recipe;

/** Draws pieces where it does not matter by what: what was entered is that calculation's own. */
export const drawPieces = (id: PiecesId, entered: object, facts: PieceFacts): PiecesReckoning =>
  (PIECES[id] as PiecesCalculation<object>).reckon(entered, facts);

/** True where the pieces are, or have among them, cups that are laid flat from a breast. */
export const drawsCups = (id: PiecesId): boolean => CUPS_IN.includes(id);

const CUPS_IN: readonly PiecesId[] = ["cupPieces", "softBraPieces", "wiredBraPieces"];
