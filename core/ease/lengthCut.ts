/** A stretch of body along which the garment is stretched round it by one strain. */
export interface LengthSegment {
  /** Body length, mm, above 0. */
  readonly bodyMm: number;
  /** Strain of the garment round the body there; 0 for straps and the crotch strip. */
  readonly girthStrain: number;
}

/** A length to cut, mm, with the two effects apart. */
export interface LengthCut {
  readonly cutMm: number;
  /** What stretch along the body takes off: 0 or less for a length strain of 0 or more. */
  readonly forStretchMm: number;
  /** What is added because cloth stretched round the body draws in lengthwise. */
  readonly forDrawInMm: number;
}

/**
 * A length as cut: `Σ L_k (1 + ε_k)^(φ ν) / (1 + ε_L)`.
 *
 * @param lengthStrain ε_L, the strain intended along the body, above −1.
 * @param contraction ν of the cloth pulled round the body, 0 to 1; 0 takes no draw-in.
 * @param freedom φ, the part of a free strip's draw-in that a garment shows, 0 to 1.
 */
export function lengthCut(
  segments: readonly LengthSegment[],
  { lengthStrain, contraction, freedom }: { lengthStrain: number; contraction: number; freedom: number },
): LengthCut {
  const sum = (read: (segment: LengthSegment) => number) =>
    segments.reduce((total, segment) => total + read(segment), 0);
  const bodyMm = sum((segment) => segment.bodyMm);
  const cutMm = sum((s) => s.bodyMm * (1 + s.girthStrain) ** (freedom * contraction)) / (1 + lengthStrain);
  const stretchedMm = bodyMm / (1 + lengthStrain);
  return { cutMm, forStretchMm: stretchedMm - bodyMm, forDrawInMm: cutMm - stretchedMm };
}
