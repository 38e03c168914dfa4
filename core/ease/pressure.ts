import type { Zone } from "./zones.ts";

/** How hard a garment presses, by its mean pressure. Cautions, not medicine. */
export type PressureBand = "easy" | "snug" | "firm" | "stop";

/** From these mean pressures (kPa) a zone is snug, and firm; over the last, stop. */
export const SNUG_FROM_KPA = 1.5;
export const FIRM_FROM_KPA = 2.7;
export const STOP_OVER_KPA = 4;

/** The bands from the easiest on, with the word and the caution of each. */
export const PRESSURE_BANDS: readonly { readonly band: PressureBand; readonly word: string; readonly care: string }[] =
  [
    { band: "easy", word: "easy", care: "Hardly felt." },
    { band: "snug", word: "snug", care: "Felt, and usual for a band that carries." },
    {
      band: "firm",
      word: "firm",
      care: "Limit the wearing time. Not for children, in pregnancy, or with circulatory or skin trouble without the clinician.",
    },
    {
      band: "stop",
      word: "stop",
      care: "Too hard: make it larger. Medical or graduated compression is no work for Stenz; ask a qualified fitter.",
    },
  ];

/** Zones in which a blood vessel runs close under the skin: they stop where others are firm. */
export const isLimb = (zone: Zone): boolean => zone === "leg" || zone === "arm";

/**
 * Mean pressure (kPa) of a ring of tension T round a body of girth B, by the ring law: `p = 2π T / B`.
 *
 * @param tensionNPerM N/m, 0 or more.
 * @param bodyMm above 0. Newtons a metre over millimetres are kilopascals.
 * @source Laplace's law for a thin ring; flat places press less and round places more than this mean.
 */
export const pressureKpa = (tensionNPerM: number, bodyMm: number): number => (2 * Math.PI * tensionNPerM) / bodyMm;

/** The tension (N/m) that presses with a mean pressure (kPa): `T = p B / (2π)`. */
export const tensionForPressure = (kpa: number, bodyMm: number): number => (kpa * bodyMm) / (2 * Math.PI);

/** The band of a mean pressure (kPa, 0 or more); at leg and arm it is stop from where other zones are firm. */
export function pressureBandOf(kpa: number, zone: Zone): PressureBand {
  if (kpa > STOP_OVER_KPA || (isLimb(zone) && kpa >= FIRM_FROM_KPA)) return "stop";
  if (kpa >= FIRM_FROM_KPA) return "firm";
  return kpa >= SNUG_FROM_KPA ? "snug" : "easy";
}

/** The word and the caution of a band. */
export const bandWords = (band: PressureBand): { readonly word: string; readonly care: string } =>
  PRESSURE_BANDS.find((known) => known.band === band) ?? { word: band, care: "" };
