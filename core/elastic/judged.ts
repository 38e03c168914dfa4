import { tensionAt } from "../cloth/index.ts";
import { type PassOver, type PressureBand, passOver, pressureBandOf, pressureKpa } from "../ease/index.ts";
import { edgePlaceOf } from "./edgePlace.ts";
import { type ElasticAt, type ElasticTested, wornStrainOf } from "./elasticEdge.ts";

/** Made shorter than this part of its edge it gathers it; longer than the other, it flutes. */
export const [GATHERS_UNDER, FLUTES_OVER] = [0.75, 1] as const;

/** Rounding flutes no edge, and eases no band. */
const NEARLY = 1e-9;

/** A worn strain of at least this grips. */
export const GRIPS_FROM = 0.02;

/** How an elastic of a length does at its edge. */
export interface JudgedElastic {
  readonly madeMm: number;
  readonly cutMm: number;
  /** Made over E. */
  readonly partOfEdge: number;
  readonly verdict: "sits" | "gathers" | "flutes";
  /** B over made, less 1, of what is stretched; negative where it lies loose, null where what it lies on is not known. */
  readonly wornStrain: number | null;
  readonly grips: boolean | null;
  /** Null without a curve, a width, or what it lies on. */
  readonly load: {
    readonly forceN: number;
    readonly pressureKpa: number;
    readonly band: PressureBand;
    /** True where it is worn further than it was tested. */
    readonly beyondTest: boolean;
  } | null;
  /** After it has grown; null without a recovery, or what it lies on. */
  readonly grown: { readonly lengthMm: number; readonly strain: number } | null;
  /** What of it is not stretched as worn; left out for none. */
  readonly still?: NonNullable<ElasticAt["still"]>;
  /** Put on over what it passes; null where that, or how far it stretches, is not known. */
  readonly putOn: PassOver | null;
}

/**
 * Judges an elastic on the part that is made up.
 * @param madeMm above 0.
 * @param passMm what the edge passes when it is put on; null where it passes nothing, or that is not known.
 */
export function judgedElastic(
  madeMm: number,
  edge: ElasticAt,
  { forceN: curve, recovery, usable }: ElasticTested,
  passMm: number | null,
): JudgedElastic {
  const { at, edgeMm, bodyMm, widthMm, joinMm, still = { edgeMm: 0, bodyMm: 0 } } = edge;
  const partOfEdge = madeMm / edgeMm;
  const wornStrain = wornStrainOf(madeMm, edge);
  return {
    madeMm,
    ...(edge.still ? { still } : {}),
    cutMm: madeMm + joinMm,
    partOfEdge,
    verdict: partOfEdge < GATHERS_UNDER - NEARLY ? "gathers" : partOfEdge > FLUTES_OVER + NEARLY ? "flutes" : "sits",
    wornStrain,
    grips: wornStrain === null ? null : wornStrain >= GRIPS_FROM - NEARLY,
    load:
      curve && wornStrain !== null && bodyMm !== null && widthMm !== null
        ? loadOf(curve, wornStrain, { at, bodyMm, widthMm })
        : null,
    grown: wornStrain === null || recovery === null ? null : grownTo(madeMm, wornStrain, recovery, edge),
    putOn: passMm === null || usable === null ? null : passOver(madeMm - still.edgeMm, passMm - still.bodyMm, usable),
  };
}

function grownTo(madeMm: number, strain: number, recovery: number, edge: ElasticAt): JudgedElastic["grown"] {
  const stillMm = edge.still?.edgeMm ?? 0;
  const lengthMm = stillMm + (madeMm - stillMm) * (1 + (1 - recovery) * Math.max(0, strain));
  const grown = wornStrainOf(lengthMm, edge);
  return grown === null ? null : { lengthMm, strain: grown };
}

function loadOf(
  curve: NonNullable<ElasticTested["forceN"]>,
  wornStrain: number,
  { at, bodyMm, widthMm }: { readonly at: ElasticAt["at"]; readonly bodyMm: number; readonly widthMm: number },
): JudgedElastic["load"] {
  // What lies loose pulls with nothing.
  const { tensionNPerM: forceN, beyondTest } = tensionAt(curve, Math.max(0, wornStrain));
  const kpa = pressureKpa((forceN / widthMm) * 1000, bodyMm);
  // A pressure that was chosen loses its last digit on its way through the curve and back: it is judged as it was chosen.
  const band = pressureBandOf(kpa * (1 + NEARLY), edgePlaceOf(at).judgedAs);
  return { forceN, pressureKpa: kpa, band, beyondTest };
}
