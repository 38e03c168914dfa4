import { type MeasureCode, type MeasuredValue, measuredValue } from "../body/index.ts";

/** What the mean strain of a trunk loop is worked out from. Lengths in mm, strains as ratios. */
export interface TrunkStrainInput {
  readonly loopMm: number;
  /** Straps along the loop; null where not measured: a fifth of it. */
  readonly strapsMm: number | null;
  /** Front and back waist together, over all four parts of the loop; null where they are not known: a half. */
  readonly upperPart: number | null;
  readonly bustStrain: number;
  readonly waistStrain: number;
  readonly hipStrain: number;
}

/** The lengths along a trunk loop that carry each strain, mm, and their mean. */
export interface TrunkStrain {
  readonly strapsMm: number;
  readonly crotchMm: number;
  readonly bustMm: number;
  readonly waistMm: number;
  readonly hipMm: number;
  /** Length-weighted over the whole loop. */
  readonly mean: number;
}

const STRAPS_PART = 1 / 5;
const CROTCH_PART = 1 / 10;

/**
 * The mean girth strain of a trunk loop, length-weighted over its bust, waist and hip parts; straps and crotch count 0,
 * slack zones too.
 *
 * Between two levels the strain is taken to change evenly, so that each level counts for half of the way to the next:
 * the bust for half of the stretch above the waist, the hip for half of that below, the waist for the other halves.
 */
export function trunkStrain(input: TrunkStrainInput): TrunkStrain {
  const { loopMm, upperPart } = input;
  const strapsMm = input.strapsMm ?? loopMm * STRAPS_PART;
  const crotchMm = loopMm * CROTCH_PART;
  const upperMm = Math.max(0, loopMm * (upperPart ?? 1 / 2) - strapsMm);
  const lowerMm = Math.max(0, loopMm * (1 - (upperPart ?? 1 / 2)) - crotchMm);
  const [bustMm, waistMm, hipMm] = [upperMm / 2, (upperMm + lowerMm) / 2, lowerMm / 2];
  const weighted =
    bustMm * Math.max(0, input.bustStrain) +
    waistMm * Math.max(0, input.waistStrain) +
    hipMm * Math.max(0, input.hipStrain);
  return { strapsMm, crotchMm, bustMm, waistMm, hipMm, mean: weighted / loopMm };
}

/** The mean strain of a loop on a sheet: straps and the split at the waist as they were taken. */
export function trunkStrainOn(
  values: readonly MeasuredValue[],
  loopMm: number,
  strains: Readonly<Record<"bust" | "waist" | "hip", number>>,
): TrunkStrain {
  const both = (front: MeasureCode, back: MeasureCode): number | null => {
    const [a, b] = [measuredValue(values, front), measuredValue(values, back)];
    return a && b ? a.mm + b.mm : null;
  };
  const upper = both("front_waist", "back_waist");
  const lower = both("crotch_front", "crotch_back");
  return trunkStrain({
    loopMm,
    strapsMm: both("strap_front", "strap_back"),
    upperPart: upper !== null && lower !== null ? upper / (upper + lower) : null,
    bustStrain: strains.bust,
    waistStrain: strains.waist,
    hipStrain: strains.hip,
  });
}
