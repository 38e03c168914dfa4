import { pressureKpa } from "../../ease/index.ts";

/** One reading at a laced gap: the pull in the lace *there*, the gap it closes, and how far its eyelets lie apart. */
export interface LaceReading {
  /** N, 0 or more: what the hand pulls is eaten by friction at every eyelet. */
  readonly pullN: number;
  /** Between the two edges, mm. */
  readonly gapMm: number;
  /** From eyelet to eyelet along an edge, mm, above 0. */
  readonly pitchMm: number;
}

/**
 * Tension of a laced garment, N/m: two crossings a pitch, each with its part across the gap, `T = 2 F g / (√(g² + p²) p)`.
 * At a closed gap no part of a crossing goes across, and it is 0: the edges bear on each other.
 */
export const lacingTension = ({ pullN, gapMm, pitchMm }: LaceReading): number =>
  (2 * pullN * gapMm) / Math.hypot(gapMm, pitchMm) / (pitchMm / 1000);

/** How hard a laced garment presses: bands of their own, as it presses more than a stretch one. */
export type LacingBand = "support" | "firm" | "reducing" | "stop";

/** From the first on it is firm; up to and with the others firm, reducing. kPa */
export const LACING_FIRM_FROM = 2.7;
export const LACING_FIRM_TO = 5;
export const LACING_REDUCING_TO = 8;

/** The bands from the easiest on, with the word and the caution of each. */
export const LACING_BANDS: readonly { readonly band: LacingBand; readonly word: string; readonly care: string }[] = [
  { band: "support", word: "support", care: "Holds; it makes nothing smaller." },
  { band: "firm", word: "firm", care: "Felt all the time. Short first wears, loosened at any discomfort." },
  {
    band: "reducing",
    word: "reducing",
    care: "For a short wear by an experienced wearer. Watch for the signs to stop.",
  },
  { band: "stop", word: "stop", care: "Too hard: let the lacing out." },
];

/** Mean pressure under a closed girth, kPa. */
export const lacingPressure = (tensionNPerM: number, closedMm: number): number => pressureKpa(tensionNPerM, closedMm);

/** The band of a pressure; each closes at its upper bound. */
export function lacingBand(kpa: number): LacingBand {
  if (kpa > LACING_REDUCING_TO) return "stop";
  if (kpa > LACING_FIRM_TO) return "reducing";
  return kpa >= LACING_FIRM_FROM ? "firm" : "support";
}

/** The word and the caution of a band. */
export const lacingWords = (band: LacingBand): { readonly word: string; readonly care: string } =>
  LACING_BANDS.find((known) => known.band === band) ?? { word: band, care: "" };
