import type { MeasureCode } from "../body/index.ts";
import { type Elsewhere, toldAt } from "./elsewhere.ts";

/** What is kept of every calculation of a job, by its name. */
type Kept = Readonly<Partial<Record<string, object>>>;

/** One field that asks for a value of the garment. */
export interface Place {
  /** The calculation, by the name it is kept by. */
  readonly working: string;
  readonly field: string;
  /** True where nought means that nothing was told. */
  readonly noughtIsUntold?: boolean;
  /** The measure it runs along, where it is told as cut from the cloth; left out where it is told on the body, or is one on both. */
  readonly cutAlong?: MeasureCode;
  /** False for a working in which the field says nothing; left out for one that always does. */
  readonly says?: (working: Readonly<Record<string, unknown>>) => boolean;
}

/** The step at which a calculation is told, by the name of the calculation. */
const STEPS: Readonly<Record<string, string>> = {
  rise: "Torso",
  pattern: "Pattern",
  wire: "Band",
  closure: "Band",
  cup: "Cups",
};

const stepOf = (working: string): string => STEPS[working] ?? "Pieces";

const CUPS_IN = ["wiredBraPieces", "softBraPieces", "cupPieces"];
const BANDS_IN = ["wiredBraPieces", "softBraPieces"];

const of = (working: string, field: string, more: Partial<Place> = {}): Place => ({ working, field, ...more });
const inPieces = (pieces: readonly string[], field: string, more: Partial<Place> = {}): Place[] =>
  pieces.map((working) => of(working, field, more));
const untold = { noughtIsUntold: true };

/** A wire of one side, where the two are told apart. */
const apart: Partial<Place> = { says: ({ sides }) => sides === "apart" };

/** Fields of several steps that ask for one value of the garment: typed at one of them, it holds at all. */
export const SAME_VALUES: readonly (readonly Place[])[] = [
  [of("wire", "wireMm"), of("wiredBraPieces", "wire_length", untold)],
  [of("wire", "rightWireMm", apart), of("wiredBraPieces", "wire_length_right", untold)],
  [of("wire", "tipDistanceMm"), of("wiredBraPieces", "wire_tips", untold)],
  [of("wire", "rightTipDistanceMm", apart), of("wiredBraPieces", "wire_tips_right", untold)],
  [of("wire", "springMm"), of("wiredBraPieces", "wire_spring")],
  [of("wire", "rightSpringMm", apart), of("wiredBraPieces", "wire_spring_right")],
  [of("wire", "foldTopMm"), of("wiredBraPieces", "fold_top")],
  [of("wire", "foldBridgeMm"), of("wiredBraPieces", "fold_bridge")],
  [of("closure", "rows"), ...inPieces(BANDS_IN, "hook_rows")],
  [of("closure", "tapeMm"), ...inPieces(BANDS_IN, "hook_tape", untold)],
  [of("closure", "edgeFoldMm"), ...inPieces(BANDS_IN, "edge_fold")],
  [of("closure", "dipMm"), ...inPieces(BANDS_IN, "bridge_dip")],
  [of("cup", "strain"), ...inPieces(CUPS_IN, "cup_strain")],
  [of("rise", "dropFrontMm"), of("briefPieces", "waist_drop_front", { cutAlong: "crotch_front" })],
  [of("rise", "dropBackMm"), of("briefPieces", "waist_drop_back", { cutAlong: "crotch_back" })],
  [of("rise", "dropSideMm"), of("briefPieces", "waist_drop_side", { cutAlong: "waist_to_hip" })],
  // Lengths of a pattern from elsewhere are kept with the job, under the name of their step.
  [of("rise", "frontRiseMm"), of("pattern", "frontRise")],
  [of("rise", "backRiseMm"), of("pattern", "backRise")],
];

/** What a mm of the body is cut to, by the measure it runs along; left out where no plan says it. */
export type CutPerMm = Readonly<Partial<Record<MeasureCode, number>>>;

/**
 * What the other steps of a job were told, by the field of a calculation that it fills. What one of them was told on the body and the other
 * on the cloth is left out where no plan says what becomes of it.
 */
export function elsewhereOf(id: string, kept: Kept, cutPerMm: CutPerMm = {}): Elsewhere {
  const told = SAME_VALUES.flatMap((places) => {
    const own = places.find(({ working }) => working === id);
    if (!own) return [];
    for (const there of places.filter(({ working }) => working !== id)) {
      const value = valueAt(there, kept);
      if (value !== null) return [toldAt(stepOf(there.working), { [own.field]: onto(own, there, value, cutPerMm) })];
    }
    return [];
  });
  return Object.assign({}, ...told) as Elsewhere;
}

function onto(own: Place, there: Place, value: number, cutPerMm: CutPerMm): number | null {
  if (own.cutAlong === there.cutAlong) return value;
  const [onto, from] = [factorOf(own, cutPerMm), factorOf(there, cutPerMm)];
  return onto === null || from === null ? null : (value * onto) / from;
}

const factorOf = ({ cutAlong }: Place, cutPerMm: CutPerMm): number | null =>
  cutAlong === undefined ? 1 : (cutPerMm[cutAlong] ?? null);

function valueAt({ working, field, noughtIsUntold = false, says }: Place, kept: Kept): number | null {
  const there = kept[working] as Readonly<Record<string, unknown>> | undefined;
  if (!there || says?.(there) === false) return null;
  const value = there[field];
  return typeof value === "number" && !(noughtIsUntold && value === 0) ? value : null;
}
