import { type TensionCurve, tensionAt } from "../../cloth/index.ts";
import { type PressureBand, pressureBandOf } from "../../ease/index.ts";

/** A band round the ribs: rigid in front, stretching at the wings. Lengths in mm. */
export interface BandInput {
  readonly underbustMm: number;
  readonly underbustInhaledMm: number;
  /** Body length that bridge, cradles and the closed hook tape cover; under both underbusts. */
  readonly rigidMm: number;
  /** Strain of the wings at rest, above −1. */
  readonly strain: number;
}

/** What the wings are cut to, and how far a breath stretches them. */
export interface BandCut {
  /** Both wings together. */
  readonly wingMm: number;
  readonly garmentMm: number;
  readonly inhaledStrain: number;
}

/** What pulls in a band: the cloth of its wings over its height, and the elastics in its edges. */
export interface BandPull {
  readonly heightMm: number;
  /** Tension of the wings in wear, N/m. */
  readonly wear: TensionCurve;
  /** Each with its cut length over the wings and its force, N, by strain. */
  readonly elastics: readonly { readonly cutMm: number; readonly forceN: TensionCurve }[];
}

/** How a band pulls and presses. */
export interface BandLoad {
  /** `F = h T(ε) + Σ F_elastic`. */
  readonly forceN: number;
  /** `p = 2π F / (h B)`. */
  readonly pressureKpa: number;
  readonly pressureBand: PressureBand;
}

/** The wings of a band: only they stretch, `wing = (underbust − rigid) / (1 + ε)`. */
export function bandCut({ underbustMm, underbustInhaledMm, rigidMm, strain }: BandInput): BandCut {
  const wingMm = (underbustMm - rigidMm) / (1 + strain);
  return { wingMm, garmentMm: rigidMm + wingMm, inhaledStrain: (underbustInhaledMm - rigidMm) / wingMm - 1 };
}

/**
 * The load of a band on a body girth (mm). Each elastic has its own strain, the body length it lies on over its cut
 * length; like the cloth it stretches over the wings alone.
 *
 * @param strain of the wings on that girth.
 */
export function bandLoad(
  girthMm: number,
  strain: number,
  { rigidMm }: Pick<BandInput, "rigidMm">,
  { heightMm, wear, elastics }: BandPull,
): BandLoad {
  const byWings = (heightMm / 1000) * tensionAt(wear, strain).tensionNPerM;
  const forceN = elastics.reduce(
    (sum, { cutMm, forceN: curve }) => sum + tensionAt(curve, (girthMm - rigidMm) / cutMm - 1).tensionNPerM,
    byWings,
  );
  // Newtons over metres of height and metres of girth are pascals; both are given in mm.
  const pressureKpa = (2 * Math.PI * forceN * 1000) / (heightMm * girthMm);
  return { forceN, pressureKpa, pressureBand: pressureBandOf(pressureKpa, "underbust") };
}
